import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { answered, client, Problem } from '../api/client';
import { Button } from '../ui/Button';
import { Face } from './Face';
import { LookField } from './LookField';
import { lookName } from './lookWords';
import {
  isTaken,
  type LookOf,
  looksAt,
  onScale,
  type PartCounts,
  partsAt,
  type ScaleSum,
  type Sense,
  type Standing,
  stepOf,
  trapsAt,
} from './scaleSum';
import type { Mark } from './sheet';
import { Strip } from './Strip';

interface DrawnScaleProps {
  /** What it is the scale of, for ears. */
  label: string;
  sum: ScaleSum;
  /** The sense is absent until somebody has looked which way the figures go. */
  at: { step: number; sense: Sense | undefined };
  onTurn: (step: number) => void;
  /** Absent where it was settled when the gauge was set. */
  onSense?: ((sense: Sense) => void) | undefined;
  /** The look that is taken now. */
  lit: string | undefined;
  onLit: (look: string) => void;
  narrow: boolean;
  onEnter: () => void;
  onFigure?: (figure: string) => void;
  /** Of a stage the row that is read: 1 with the travel, 2 against it; it is asked where somebody can say so. */
  row?: Row;
  onRow?: (row: Row) => void;
  /** While it is open the keys are its own: the focus stands in its first look, and comes back to it. */
  holdsKeys?: boolean;
}

export type Row = 1 | 2;

/**
 * A scale that is turned until it shows what the real one shows: its face, an enlarged look at its fine part, and each part
 * as a spin button. It turns by drag, by wheel, by keys and by the counts themselves.
 */
export function DrawnScale(props: DrawnScaleProps) {
  const { label, sum, at, onTurn, onSense, lit, onLit, narrow, onEnter, onFigure } = props;
  const { row = 1, onRow, holdsKeys = false } = props;
  const [refusal, setRefusal] = useState('');
  const standing: Standing = { step: at.step, sense: at.sense ?? 1 };
  // The other row is figured from the other end.
  const read = row === 2 ? sum.lastStep - at.step : at.step;
  const counts = partsAt(sum, read);
  const taken = looksAt(sum, read);
  const looks = sum.looks.filter(({ per }) => per > 0 || onRow !== undefined);
  const group = useRef<HTMLDivElement>(null);
  const fieldOf = (look: string | undefined) =>
    group.current?.querySelector<HTMLInputElement>(
      look === undefined ? '[data-look]' : `[data-look="${look}"]`,
    );
  useEffect(() => {
    if (holdsKeys) {
      group.current?.querySelector<HTMLInputElement>('[data-look]')?.focus();
    }
  }, [holdsKeys]);
  const turn = (step: number) => {
    setRefusal('');
    onTurn(onScale(sum, step));
  };
  const turnRead = (to: number) => turn(row === 2 ? sum.lastStep - to : to);
  const count = async (look: LookOf, wanted: number) => {
    const now = taken[sum.looks.indexOf(look)] ?? 0;
    if (look.per === 0) {
      onRow?.(wanted === 2 ? 2 : 1);
      return;
    }
    const part = sum.parts.find(({ name }) => name === look.part);
    if (part?.anew === undefined) {
      turnRead(read + (wanted - now) * look.steps);
      return;
    }
    const rest = (counts[part.name] ?? 0) - now * look.per;
    const together = { ...counts, [part.name]: Math.round(rest) + wanted * look.per };
    const step = stepOf(sum, together);
    // Where a turn takes in several beam lines the two may contradict one another: the server says what could be.
    const impossible = isSame(partsAt(sum, step), together)
      ? undefined
      : await refusalOf(sum, together);
    if (impossible) {
      setRefusal(impossible);
    } else {
      turnRead(step);
    }
  };
  /** Keys that were pressed beside the fields belong to the look that is taken. */
  const press = (event: KeyboardEvent) => {
    const isInField = event.target instanceof HTMLInputElement;
    if (holdsKeys && !isInField && /^(Arrow|Page)/.test(event.key)) {
      event.preventDefault();
      (fieldOf(lit) ?? fieldOf(undefined))?.focus();
    }
  };
  const fine = sum.parts.at(-1)?.name;
  const litPart = sum.looks.find(({ name }) => name === lit)?.part;
  return (
    <div
      ref={group}
      role="group"
      aria-label={label}
      onKeyDown={press}
      className="flex flex-col gap-2"
    >
      <div
        className="overflow-hidden border-2 border-line bg-panel"
        onPointerUp={() => holdsKeys && (fieldOf(lit) ?? fieldOf(undefined))?.focus()}
      >
        <Face
          sum={sum}
          at={standing}
          onTurn={turn}
          lit={litPart}
          mark={markOf(sum, at.step, row, lit)}
          narrow={narrow}
        />
        <Strip sum={sum} at={standing} lit={litPart === fine} narrow={narrow} />
      </div>
      {sum.scale.family === 'feeler' ? (
        <div className="flex flex-wrap gap-2">
          {sum.looks.map((look, i) => (
            <button
              key={look.name}
              type="button"
              aria-pressed={isTaken(at.step, i)}
              aria-label={lookName(look)}
              onPointerEnter={() => onLit(look.name)}
              onClick={() => turn(isTaken(at.step, i) ? at.step - 2 ** i : at.step + 2 ** i)}
              className="min-h-11 min-w-16 border-2 border-line px-2 font-semibold aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-panel"
            >
              {look.name}
            </button>
          ))}
        </div>
      ) : (
        <div className="grid grid-cols-1 gap-2 tablet:max-wide:grid-cols-[repeat(auto-fit,minmax(10.5rem,1fr))] wide:auto-cols-fr wide:grid-flow-col">
          {looks.map((look) => (
            <LookField
              key={look.name}
              sum={sum}
              look={look}
              count={look.per === 0 ? row : (taken[sum.looks.indexOf(look)] ?? 0)}
              onLit={() => onLit(look.name)}
              onTurn={(by) => (look.per === 0 ? onRow?.(by > 0 ? 2 : 1) : turnRead(read + by))}
              onCount={(wanted) => void count(look, wanted)}
              onEnter={onEnter}
              onFigure={onFigure}
            />
          ))}
          {sum.scale.family === 'comparator' && onSense && (
            <SensePick sense={at.sense} onSense={onSense} />
          )}
        </div>
      )}
      {refusal && (
        <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
          {refusal}
        </p>
      )}
      <Traps sum={sum} step={at.step} sense={at.sense} lit={lit} />
    </div>
  );
}

/** The coarse line that the look at hand is about, and what it is; absent where it is the last one passed anyway. */
function markOf(sum: ScaleSum, step: number, row: Row, lit: string | undefined): Mark | undefined {
  const coarse = sum.parts[0];
  const look = sum.looks.find(({ name }) => name === lit);
  if (coarse === undefined || look?.part !== coarse.name) {
    return undefined;
  }
  const read = row === 2 ? sum.lastStep - step : step;
  const passed = partsAt(sum, read)[coarse.name] ?? 0;
  const count = Math.floor((passed + look.from) / look.per) * look.per - look.from;
  const words =
    look.name === 'half'
      ? passed % 2 === 1
        ? 'this half line counts'
        : 'no half line in sight after it'
      : look.name === 'lines'
        ? `last line ${sum.scale.runs === 'covering' ? 'hidden' : 'passed'}`
        : look.label;
  return { count: row === 2 ? coarse.last - count : count, words };
}

const isSame = (one: PartCounts, other: PartCounts): boolean =>
  Object.entries(one).every(([name, count]) => other[name] === count);

/** The server's sentence for counts that cannot stand together; undefined when they can. */
async function refusalOf({ scale }: ScaleSum, counts: object): Promise<string | undefined> {
  const parts = Object.entries(counts)
    .map(([name, count]) => `${name}=${count}`)
    .join(';');
  try {
    await answered(
      client.GET('/api/v1/scales/{id}/reading', {
        params: { path: { id: scale.id }, query: { parts } },
      }),
    );
    return undefined;
  } catch (refused) {
    return refused instanceof Problem ? refused.message : undefined;
  }
}

interface SensePickProps {
  sense: Sense | undefined;
  onSense: (sense: Sense) => void;
}

/** Which way the figures go: it is looked at, never assumed. */
function SensePick({ sense, onSense }: SensePickProps) {
  return (
    <div role="group" aria-label="Sense" className="border-2 border-line bg-paper p-2">
      <span className="label">A larger bore drives the needle</span>
      <div className="flex gap-2">
        {([1, -1] as const).map((which) => (
          <Button
            key={which}
            aria-pressed={sense === which}
            className={`grow text-center! ${sense === which ? 'border-ink! font-bold' : ''}`}
            onClick={() => onSense(which)}
          >
            {which === 1 ? '+ clockwise' : '− back'}
          </Button>
        ))}
      </div>
    </div>
  );
}

interface TrapsProps {
  sum: ScaleSum;
  step: number;
  sense: Sense | undefined;
  lit: string | undefined;
}

/** Where the eye is easily misled just here, the part that is looked at first. */
function Traps({ sum, step, sense, lit }: TrapsProps) {
  const counts = partsAt(sum, step);
  const litPart = sum.looks.find(({ name }) => name === lit)?.part;
  const parts = ['base', ...sum.parts.map(({ name }) => name)];
  const sentences = parts
    .sort((one, two) => Number(two === litPart) - Number(one === litPart))
    .flatMap((part) => trapsAt(sum, part, counts))
    .filter(({ kind }) => kind !== 'sense-unconfirmed' || sense === undefined)
    .map(({ sentence }) => sentence);
  return (
    <ul aria-label="Look out" className="flex min-h-8 flex-col font-medium">
      {sentences.slice(0, 2).map((sentence) => (
        <li key={sentence} className="border-l-4 border-line pl-3">
          {sentence}
        </li>
      ))}
    </ul>
  );
}
