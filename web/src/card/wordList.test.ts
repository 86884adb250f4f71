import { describe, expect, it } from 'vitest';
import { WORDS } from './wordList';

describe('the words', () => {
  it('stand in their order, each once, each with a meaning', () => {
    const words = WORDS.map(({ word }) => word.toLowerCase());
    expect(words).toEqual([...new Set(words)].sort((a, b) => a.localeCompare(b)));
    expect(WORDS.every(({ means }) => means.endsWith('.'))).toBe(true);
  });

  it('have a picture or a mark, all but those that are only small', () => {
    const bare = WORDS.filter(({ figure, mark }) => !figure && !mark).map(({ word }) => word);
    expect(bare).toEqual(['tenth', 'thou']);
  });
});
