import { describe, expect, it } from 'vitest';
import { timeLeft } from './SoakClocks';

const MINUTE = 60_000;

describe('the time that is left', () => {
  it.each([
    [1, '1 s'],
    [59_000, '59 s'],
    [MINUTE, '1 min'],
    [MINUTE + 1, '2 min'],
    [59 * MINUTE, '59 min'],
    [60 * MINUTE, '1 h 0 min'],
    [95.5 * MINUTE, '1 h 36 min'],
    [119.5 * MINUTE, '2 h 0 min'],
  ])('%i ms are %s', (ms, said) => {
    expect(timeLeft(ms)).toBe(said);
  });
});
