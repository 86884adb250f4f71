const CLASSES = /\s+[A-Za-z]{1,2}\d{1,2}(\s*\/\s*[A-Za-z]{1,2}\d{1,2})?\s*$/;

/** The size in a size with its classes, as it is typed: the answer says it better, but later. */
export const sizeIn = (text: string): string => text.replace(CLASSES, '').trim();
