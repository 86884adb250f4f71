/**
 * An id for something kept here first: a version 4 UUID. Made by hand because the browser's own maker is missing on a page
 * that another device of the shop opens without encryption.
 */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  const hex = Array.from(bytes, (byte, i) => {
    const marked = i === 6 ? (byte & 0x0f) | 0x40 : i === 8 ? (byte & 0x3f) | 0x80 : byte;
    return marked.toString(16).padStart(2, '0');
  }).join('');
  return hex.replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');
}
