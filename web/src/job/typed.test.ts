import { expect, it } from 'vitest';
import { copyName } from './typed';

it.each([
  ['journal', ['journal'], 'journal 2'],
  ['journal 1', ['journal 1', 'journal 2'], 'journal 3'],
  ['left end Ø 25 k6', ['left end Ø 25 k6'], 'left end Ø 25 k6 2'],
  ['hole 9', ['hole 9'], 'hole 10'],
])('the next after %s, beside %s, is %s', (name, taken, next) => {
  expect(copyName(name, taken)).toBe(next);
});
