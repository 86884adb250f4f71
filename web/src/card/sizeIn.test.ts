import { expect, it } from 'vitest';
import { sizeIn } from './sizeIn';

it.each([
  ['40 H7/g6', '40'],
  ['1 1/2 in js5', '1 1/2 in'],
  [' 25.4 mm H7 / k6 ', '25.4 mm'],
  ['45', '45'],
  ['1 in', '1 in'],
])('%s is %s with its classes', (text, size) => {
  expect(sizeIn(text)).toBe(size);
});
