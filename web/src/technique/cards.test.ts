import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { CARDS, cardsOf } from './cards';

const KINDS = readFileSync('../core/src/main/resources/jawread/core/gauge/kinds.csv', 'utf8')
  .split('\n')
  .filter((line) => line !== '' && !line.startsWith('#') && !line.startsWith('kind,'))
  .map((line) => line.split(',')[0] ?? '');

describe('technique cards', () => {
  it.each(KINDS)('there is one for %s', (kind) => {
    expect(cardsOf(kind).length).toBeGreaterThan(0);
  });

  it('a caliper has one for each use', () => {
    expect(cardsOf('dial-caliper').map(({ code }) => code)).toEqual([
      'caliper-outside',
      'caliper-inside',
      'caliper-depth',
      'caliper-step',
    ]);
  });

  it('each says which turning point, and has something under every heading', () => {
    for (const { code, turning, ready, hold, read, traps, after } of CARDS) {
      expect(turning.length, code).toBeGreaterThan(0);
      for (const says of [ready, hold, read, traps, after]) {
        expect(says.length, code).toBeGreaterThan(0);
      }
    }
  });

  it('along a bore every two-contact gauge seeks the smallest, and across it the largest', () => {
    for (const { code, turning } of CARDS.filter(({ kinds }) =>
      kinds.some((kind) => ['inside-micrometer', 'dial-bore-gauge'].includes(kind)),
    )) {
      expect(turning.find(({ plane }) => plane.includes('along'))?.seek, code).toBe('smallest');
      expect(turning.find(({ plane }) => plane.includes('across'))?.seek, code).toBe('largest');
    }
  });
});
