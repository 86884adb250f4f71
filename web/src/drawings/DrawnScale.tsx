import { useState } from 'react';
import { answered, client, Problem } from '../api/client';
import { Button } from '../ui/Button';
import { Face } from './Face';
import { PartField } from './PartField';
import { partName } from './partWords';
import {
  isTaken,
  onScale,
  type PartCounts,
  type PartOf,
  partsAt,
  type ScaleSum,
  type Sense,
  type Standing,
  stepOf,
  trapsAt,
} from './scaleSum';
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
  lit: string | undefined;
  onLit: (part: string) => void;
  narrow: boolean;
  onEnter: () => void;
  onFigure?: (figure: string) => void;
}

/**
 * A scale that is turned until it shows what the real one shows: its face, an enlarged look at its fine part, and each part
 * as a spin button. It turns by drag, by wheel, by keys and by the counts themselves.
 */
export function DrawnScale(props: DrawnScaleProps) {
  const { label, sum, at, onTurn, onSense, lit, onLit, narrow, onEnter, onFigure } = props;
  const [refusal, setRefusal] = useState('');
  const standing: Standing = { step: at.step, sense: at.sense ?? 1 };
  const counts = partsAt(sum, at.step);
  const turn = (step: number) => {
    setRefusal('');
    onTurn(onScale(sum, step));
  };
  const count = async (part: PartOf, wanted: number) => {
    const together = { ...counts, [part.name]: wanted };
    const step = stepOf(sum, together);
    // Where a turn takes in several beam lines the two may contradict one another: the server says what could be.
    const stands = part.anew === undefined || isSame(partsAt(sum, step), together);
    const impossible = stands ? undefined : await refusalOf(sum, together);
    if (impossible) {
      setRefusal(impossible);
    } else {
      turn(
        part.anew === undefined ? at.step + (wanted - (counts[part.name] ?? 0)) * part.steps : step,
      );
    }
  };
  const fine = sum.parts.at(-1)?.name;
  return (
    <div role="group" aria-label={label} className="flex flex-col gap-2">
      <div className="overflow-hidden border-2 border-line bg-panel">
        <Face sum={sum} at={standing} onTurn={turn} lit={lit} narrow={narrow} />
        <Strip sum={sum} at={standing} lit={lit === fine} narrow={narrow} />
      </div>
      {sum.scale.family === 'feeler' ? (
        <div className="flex flex-wrap gap-2">
          {sum.parts.map(({ name }, i) => (
            <button
              key={name}
              type="button"
              aria-pressed={isTaken(at.step, i)}
              aria-label={partName(name)}
              onPointerEnter={() => onLit(name)}
              onClick={() => turn(isTaken(at.step, i) ? at.step - 2 ** i : at.step + 2 ** i)}
              className="min-h-11 min-w-16 border-2 border-line px-2 font-semibold aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-panel"
            >
              {name}
            </button>
          ))}
        </div>
      ) : (
        <div className="grid grid-cols-1 gap-2 tablet:auto-cols-fr tablet:grid-flow-col">
          {sum.parts.map((part) => (
            <PartField
              key={part.name}
              sum={sum}
              part={part}
              count={counts[part.name] ?? 0}
              onLit={() => onLit(part.name)}
              onTurn={(by) => turn(at.step + by)}
              onCount={(wanted) => void count(part, wanted)}
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

const isSame = (one: PartCounts, other: PartCounts): boolean =>
  Object.entries(one).every(([name, count]) => other[name] === count);

/** The server's sentence for counts that cannot stand together; undefined when they can. */
async function refusalOf({ scale }: ScaleSum, counts: object): Promise<string | undefined> {
  const parts = Object.entries(counts)
    .map(([name, count]) => `${name}=${count}`)
    .join(';');
  try {
    await answered(
      client.GET('/api/scales/{id}/reading', {
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
  const parts = ['base', ...sum.parts.map(({ name }) => name)];
  const sentences = parts
    .sort((one, two) => Number(two === lit) - Number(one === lit))
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
