import { useEffect, useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Scale } from '../api/client';
import { useScaleOn, useScaleReading, useTypedSize } from '../api/queries';
import type { Row } from '../drawings/DrawnScale';
import {
  distancePm,
  figureOf,
  finestShown,
  onScale,
  type PartCounts,
  partsAt,
  scaleSum,
  type Sense,
  stepOf,
  sumPm,
} from '../drawings/scaleSum';
import { useRested } from '../ui/useRested';

const written = (counts: PartCounts): string =>
  Object.entries(counts)
    .map(([name, count]) => `${name}=${count}`)
    .join(';');

/** The same counts, as those of one end of a distance. */
const at = (end: 'start' | 'end', counts: PartCounts): PartCounts =>
  Object.fromEntries(Object.entries(counts).map(([name, count]) => [`${end}.${name}`, count]));

const parsed = (text: string): PartCounts =>
  Object.fromEntries(
    text
      .split(';')
      .filter((part) => part.includes('='))
      .map((part) => part.split('='))
      .map(([name = '', count]) => [name, Number(count)]),
  );

/** Said wherever something would rest on a comparator's sense that nobody has looked at. */
export const LOOK_FIRST =
  'Say first which way a larger bore drives the needle: push the contact in with a thumb and look.';

/** A comparator reads from the size it was set to; anything else begins at nothing. */
const usualBase = ({ family, unit }: Scale): string =>
  family === 'comparator' ? (unit === 'in' ? '1' : '25') : '0';

/** A scale in hand, with no job: where it stands, what it says, and the address that opens just this. */
export function useReader(bare: Scale) {
  const [search, setSearch] = useSearchParams();
  const base = search.get('base') ?? usualBase(bare);
  // What the gauge adds may be printed on its sleeve, and may mislead.
  const scale = useScaleOn(bare, base);
  const sum = useMemo(() => scaleSum(scale), [scale]);
  const asked = parsed(search.get('parts') ?? '');
  const [step, setStep] = useState(() => onScale(sum, stepOf(sum, asked)));
  const [start, setStart] = useState<number | undefined>();
  const [row, setRow] = useState<Row>(1);
  const onRow = (at: number) => (row === 2 ? sum.lastStep - at : at);
  const read = onRow(step);
  const sense: Sense | undefined =
    search.get('sense') === '-1' ? -1 : search.get('sense') === '1' ? 1 : undefined;
  const basePm = useTypedSize(base, scale.unit);
  const counts = partsAt(sum, read);
  const stands: PartCounts =
    start !== undefined
      ? { ...at('start', partsAt(sum, onRow(start))), ...at('end', counts) }
      : scale.family === 'comparator'
        ? { ...counts, sense: sense ?? 1 }
        : counts;
  const parts = written(stands);
  const rested = useRested(parts);
  const reading = useScaleReading(scale.id, base, rested);
  const set = (name: string, value: string) =>
    setSearch(
      (before) => {
        const after = new URLSearchParams(before);
        after.set(name, value);
        return after;
      },
      { replace: true },
    );
  const setLatest = useRef(set);
  useEffect(() => {
    setLatest.current = set;
  });
  const isRested = rested === parts;
  useEffect(() => {
    if (isRested && start === undefined) {
      setLatest.current('parts', rested);
    }
  }, [isRested, rested, start]);
  const standing = { step: read, sense: sense ?? 1 };
  const pm =
    start === undefined ? sumPm(sum, basePm.data ?? 0, standing) : distancePm(sum, start, step);
  const finest = finestShown(sum, step);
  return {
    scale,
    sum,
    step,
    turn: setStep,
    row,
    setRow,
    at: standing,
    sense,
    setSense: (to: Sense) => set('sense', String(to)),
    base,
    basePm: basePm.data ?? 0,
    setBase: (to: string) => set('base', to),
    start,
    setStart,
    /** The counts that make the figure: those of both ends of a distance, the sense of a comparator. */
    stands,
    pm,
    finest,
    figure: figureOf(sum, pm, finest),
    /** The server's words about where it stands now; absent while it is being turned. */
    reading: isRested && !reading.isPlaceholderData ? reading.data : undefined,
    /** The same, or the last it said. */
    lastReading: reading.data,
  };
}

export type Reader = ReturnType<typeof useReader>;
