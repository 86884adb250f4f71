import { describe, expect, it } from 'vitest';
import type { Place, Round } from './client';
import { placeAt } from './keepReading';

const place = (id: number, wants: boolean, read: number): Place =>
  ({ id, wants, asked: 2, readings: Array.from({ length: read }, () => ({})) }) as Place;

const round = (places: Place[], at: number) => ({ places, at }) as Round;

describe('where a reading goes', () => {
  const three = round([place(1, false, 2), place(2, true, 1), place(3, true, 0)], 2);

  it('is where the walk stands, unless somebody went elsewhere', () => {
    expect(placeAt(three)?.id).toBe(2);
    expect(placeAt(three, 1)?.id).toBe(1);
    expect(placeAt(three, 99)?.id).toBe(2);
  });

  it('is the next place for a hand faster than the server', () => {
    const oneIsOnItsWay = (to: number) => (to === 2 ? 1 : 0);
    expect(placeAt(three, undefined, oneIsOnItsWay)?.id).toBe(3);
  });

  it('is a doubted place until one more is on its way, however many were read there', () => {
    const doubted = round([place(1, true, 3), place(2, true, 0)], 1);
    expect(placeAt(doubted)?.id).toBe(1);
    expect(placeAt(doubted, undefined, (to) => (to === 1 ? 1 : 0))?.id).toBe(2);
  });

  it('is where it was read last once nothing is wanted, or all that is wanted is on its way', () => {
    const done = round([place(1, false, 2), place(2, false, 2)], 2);
    expect(placeAt(done)?.id).toBe(2);
    const waiting = round([place(1, false, 2), place(2, true, 0)], 2);
    expect(placeAt(waiting, undefined, () => 2)?.id).toBe(2);
  });
});
