const CHUNK = 0x8000;

/** A file that somebody picked, as it goes to the server. */
export const inBase64 = async (file: File): Promise<string> => {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let text = '';
  for (let from = 0; from < bytes.length; from += CHUNK) {
    text += String.fromCharCode(...bytes.subarray(from, from + CHUNK));
  }
  return btoa(text);
};
