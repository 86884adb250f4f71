import { expect, it } from 'vitest';
import { pressed } from './Keypad';

it.each([
  ['12', '5', '125'],
  ['12.5', '⌫', '12.'],
  ['', '⌫', ''],
  ['12', '±', '-12'],
  ['-12', '±', '12'],
  ['1', 'space', '1 '],
  ['12.5', 'in · mm', '12.5 in'],
  ['12.5 in', 'in · mm', '12.5 mm'],
  ['12.5 mm', 'in · mm', '12.5 in'],
])('%s and then %s is %s', (text, key, after) => {
  expect(pressed(text, key)).toBe(after);
});
