import { type KeyboardEvent, useState } from 'react';
import { Button } from '../ui/Button';
import { partName, partWords } from './partWords';
import type { PartOf, ScaleSum } from './scaleSum';

interface PartFieldProps {
  sum: ScaleSum;
  part: PartOf;
  count: number;
  /** This part is looked at: its line is shown on the drawing. */
  onLit: () => void;
  /** Turned by so many steps, carrying over at the end of a turn as the real one does. */
  onTurn: (steps: number) => void;
  /** A count was typed that is on the scale. */
  onCount: (count: number) => void;
  onEnter: () => void;
  /** What was typed has a decimal mark, and is no count: a figure, as a gauge with a keyboard's plug sends it. */
  onFigure: ((figure: string) => void) | undefined;
}

/** One part of the scale as a spin button: its count, what it stands for, one less and one more. */
export function PartField(props: PartFieldProps) {
  const { sum, part, count, onLit, onTurn, onCount, onEnter, onFigure } = props;
  const [typed, setTyped] = useState<string | undefined>();
  const [refusal, setRefusal] = useState('');
  const step = (steps: number) => {
    setTyped(undefined);
    setRefusal('');
    onLit();
    onTurn(steps);
  };
  const type = (text: string) => {
    if (!part.judged && onFigure && /[.,]/.test(text)) {
      setTyped(undefined);
      onFigure(text);
    } else {
      setTyped(text);
    }
  };
  const end = () => {
    if (typed === undefined) {
      return;
    }
    setTyped(undefined);
    setRefusal('');
    const wanted = countOf(typed, sum, part);
    if (wanted !== undefined) {
      onCount(wanted);
    } else if (onFigure && /[.,]/.test(typed)) {
      onFigure(typed);
    } else {
      setRefusal(refusalOf(typed, sum, part));
    }
  };
  const press = (event: KeyboardEvent) => {
    const steps = stepsOfKey(event, sum, part);
    if (steps !== undefined) {
      event.preventDefault();
      step(steps);
    } else if (event.key === 'Enter') {
      event.preventDefault();
      if (event.repeat) {
        return;
      }
      if (typed === undefined) {
        onEnter();
      } else {
        end();
      }
    }
  };
  const words = partWords(sum, part, count);
  const name = partName(part.name);
  const oneCount = part.name === 'shown' ? 1 : part.steps;
  return (
    <div
      className="border-2 border-line bg-paper p-2 max-tablet:grid max-tablet:grid-cols-[7rem_1fr] max-tablet:items-center"
      onPointerEnter={onLit}
    >
      <div className="flex justify-between gap-2 max-tablet:flex-col max-tablet:gap-0">
        <span className="label">{name}</span>
        <span className="label tablet:text-right">{words}</span>
      </div>
      <div className="flex items-center gap-2">
        <Button
          aria-label={`${name}, one less`}
          className="w-touch shrink-0 text-center! text-title"
          onClick={() => step(-oneCount)}
        >
          −
        </Button>
        <input
          role="spinbutton"
          aria-label={name}
          aria-valuenow={count}
          aria-valuemin={part.first}
          aria-valuemax={part.last}
          aria-valuetext={`${count}, ${words}`}
          inputMode={part.judged ? 'decimal' : 'numeric'}
          value={typed ?? String(count)}
          onFocus={(event) => {
            onLit();
            event.target.select();
          }}
          onChange={(event) => type(event.target.value)}
          onBlur={end}
          onKeyDown={press}
          className="reading w-full min-w-0 bg-transparent text-center text-order"
        />
        <Button
          aria-label={`${name}, one more`}
          className="w-touch shrink-0 text-center! text-title"
          onClick={() => step(oneCount)}
        >
          +
        </Button>
      </div>
      {refusal && (
        <p role="alert" className="col-span-2 font-semibold">
          {refusal}
        </p>
      )}
    </div>
  );
}

/** The count that was typed, when it is on this part of the scale. A vernier's last line may be named. */
function countOf(typed: string, { stepPm, lastStep }: ScaleSum, part: PartOf): number | undefined {
  const wanted = Number(typed.replace(',', '.').replace('−', '-'));
  const last =
    part.name === 'shown'
      ? (lastStep * stepPm) / part.divisionPm
      : part.last + (part.name === 'line' ? 1 : 0);
  const finest = part.name === 'shown' ? stepPm / part.divisionPm : part.judged ? 0.1 : 1;
  const isOnIt =
    typed.trim() !== '' &&
    wanted >= part.first &&
    (part.judged && part.name !== 'shown' ? wanted < last + 1 : wanted <= last) &&
    Math.abs(wanted / finest - Math.round(wanted / finest)) < 1e-6;
  return isOnIt ? wanted : undefined;
}

function refusalOf(typed: string, { scale }: ScaleSum, part: PartOf): string {
  return part.name === 'shown'
    ? `It cannot show “${typed}”: its last place goes by ${scale.leastCount.text} ${scale.unit}.`
    : `“${typed}” is not on it: it has ${part.first} to ${part.last}${part.judged ? ', a tenth at the finest' : ''}.`;
}

/** Steps that a key turns by: arrows one count, with Shift a judged tenth; Page keys to the next figure. */
function stepsOfKey(event: KeyboardEvent, sum: ScaleSum, part: PartOf): number | undefined {
  const one = part.name === 'shown' || (event.shiftKey && part.judged) ? 1 : part.steps;
  switch (event.key) {
    case 'ArrowUp':
      return one;
    case 'ArrowDown':
      return -one;
    case 'PageUp':
      return one * toNextFigure(sum, part);
    case 'PageDown':
      return -one * toNextFigure(sum, part);
    default:
      return undefined;
  }
}

/** Counts from one printed figure of the part to the next. */
function toNextFigure({ scale }: ScaleSum, { name, last }: PartOf): number {
  const FIGURES: Record<string, number> = {
    thimble: 5,
    line: 5,
    vernier: 1,
    dial: (last + 1) / 10,
    needle: 10,
    shown: 100,
  };
  return FIGURES[name] ?? Math.max(scale.figureEvery, 1);
}
