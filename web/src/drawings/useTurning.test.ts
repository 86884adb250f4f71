import { expect, it } from 'vitest';
import { gainOf } from './useTurning';

it.each([
  ['slowly what is grasped follows the finger', 0.3, 1, 1],
  ['a flick turns many times as far', 1.9, 1, 19],
  ['the other way as well', -1.9, 1, 19],
  ['no flick goes farther than that', 9, 1, 30],
  ['two fingers turn coarsely at any speed', 0.1, 2, 10],
])('%s', (_, speed, fingers, gain) => {
  expect(gainOf(speed, fingers)).toBeCloseTo(gain, 9);
});
