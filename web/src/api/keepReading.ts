import { shopTime } from './clock';
import type { Place, Reading, ReadingBody, Round, Shop } from './client';
import { newId } from './newId';
import { type Fate, outbox } from './outbox';

/** A figure, with what it was typed as or the counts it was set by. */
export type Read = Pick<
  ReadingBody,
  'typed' | 'pressed' | 'stops' | 'parts' | 'base' | 'pm' | 'made'
> & {
  figure: string;
  /** What a gauge sent: its reading bears that id, and that time. */
  sent?: { id: string; takenAt: string };
};

/** Where in a job a reading belongs, and with what it was taken. */
export type Target = Pick<
  ReadingBody,
  'part' | 'feature' | 'round' | 'place' | 'gauge' | 'reader' | 'onMaster' | 'quick'
>;

/** Writes a reading down here under whoever stands here, sends it, and tells what became of it. */
export async function keepReading(
  shop: Shop,
  shopAskedAt: number,
  target: Target,
  { figure, sent, ...read }: Read,
): Promise<Fate> {
  const takenAt = sent?.takenAt ?? shopTime(shop, shopAskedAt);
  const body: ReadingBody = { ...target, ...read, takenAt };
  const by = shop.person && { id: shop.person.id, name: shop.person.name };
  const { fate } = await outbox.keep({ id: sent?.id ?? newId(), body, figure, ...(by && { by }) });
  return fate;
}

/** The readings that count. */
export const standing = (readings: Reading[]): Reading[] =>
  readings.filter(({ struck }) => !struck);

/**
 * Whether a place still wants a reading when those on their way are counted: a hand that is faster than the server, or measures on
 * while it is away, goes on to the next place. What the server then doubts is asked for again.
 *
 * @param waiting so many are on their way to it
 */
export const wantsMore = ({ wants, asked, readings }: Place, waiting: number): boolean =>
  wants && waiting < Math.max(1, asked - standing(readings).length);

/** The place asked for, else where the walk stands. @param waiting readings on their way, by their place */
export function placeAt(
  round: Round,
  wanted?: number,
  waiting: (place: number) => number = () => 0,
): Place | undefined {
  return (
    round.places.find(({ id }) => id === wanted) ??
    round.places.find((place) => wantsMore(place, waiting(place.id))) ??
    round.places.find(({ id }) => id === round.at) ??
    round.places[0]
  );
}
