/**
 * A figure digit by digit, as one calls it across a shop.
 *
 * @example spelled('3.2531') // '3 point 2 5 3 1'
 */
export const spelled = (figure: string): string =>
  [...figure]
    .map((character) => SPOKEN[character] ?? character)
    .join(' ')
    .replace(/\s+/g, ' ')
    .trim();

const SPOKEN: Record<string, string> = {
  '.': 'point',
  ',': 'point',
  '-': 'minus',
  '\u2212': 'minus',
  '+': 'plus',
  '/': 'over',
};

/** Reads a figure back, after what is to be said first. Silent where the browser has no voice. */
export function readBack(figure: string, first = ''): void {
  if (!('speechSynthesis' in globalThis)) {
    return;
  }
  // The last one taken is the one that matters.
  speechSynthesis.cancel();
  speechSynthesis.speak(new SpeechSynthesisUtterance(`${first} ${spelled(figure)}`.trim()));
}
