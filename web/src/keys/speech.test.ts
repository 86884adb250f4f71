import { describe, expect, it } from 'vitest';
import { mayBind } from './bindings';
import { spelled } from './speech';

describe('a figure read back', () => {
  it.each([
    ['3.2531', '3 point 2 5 3 1'],
    ['-0,02', 'minus 0 point 0 2'],
    ['1 5/8', '1 5 over 8'],
  ])('%s is spoken as %s', (figure, spoken) => {
    expect(spelled(figure)).toBe(spoken);
  });
});

describe('a key', () => {
  it.each(['7', '.', ',', '-', '/', ' ', 'Enter', 'Tab', 'Escape', '?'])(
    '%s belongs to figures, or to what is the same everywhere',
    (key) => {
      expect(mayBind(key)).toBe(false);
    },
  );

  it.each(['b', 'F9', 'PageDown', 'é'])('%s may be given to an action', (key) => {
    expect(mayBind(key)).toBe(true);
  });
});
