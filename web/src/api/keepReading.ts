import { shopTime } from './clock';
import type { Place, ReadingBody, Round, Shop } from './client';
import { newId } from './newId';
import { type Fate, outbox } from './outbox';

/** A figure, with what it was typed as or the counts it was set by. */
export type Read = Pick<ReadingBody, 'typed' | 'parts' | 'base' | 'pm'> & { figure: string };

/** Where in a job a reading belongs, and by whom and with what it was taken. */
export type Target = Pick<
  ReadingBody,
  'part' | 'feature' | 'round' | 'place' | 'gauge' | 'reader' | 'person'
>;

/** Writes a reading down here, sends it, and tells what became of it. */
export async function keepReading(
  shop: Shop,
  shopAskedAt: number,
  target: Target,
  { figure, ...read }: Read,
): Promise<Fate> {
  const body: ReadingBody = { ...target, ...read, takenAt: shopTime(shop, shopAskedAt) };
  const { fate } = await outbox.keep({ id: newId(), body, figure });
  return fate;
}

/** The place asked for, else the first that still wants a reading, else the first. */
export function placeAt(round: Round, wanted?: number): Place | undefined {
  return (
    round.places.find(({ id }) => id === wanted) ??
    round.places.find(({ state }) => state !== 'done') ??
    round.places[0]
  );
}
