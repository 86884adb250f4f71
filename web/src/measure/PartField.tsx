import { type KeyboardEvent, useState } from 'react';
import { digitsOf, type PartName, type ThimbleScale } from '../drawings/scaleSum';
import { Button } from '../ui/Button';

interface PartFieldProps {
  part: { name: PartName; divisionPm: number; last: number };
  count: number;
  scale: ThimbleScale;
  /** This part is looked at: its line is shown on the drawing. */
  onLit: () => void;
  /** Turned by so many counts, carrying over at the end of a turn as the real one does. */
  onTurn: (by: number) => void;
  onEnter: () => void;
  /** What was typed has a decimal mark, and is no count: a figure, as a gauge with a keyboard's plug sends it. */
  onFigure: (figure: string) => void;
}

const NAMES: Record<PartName, string> = {
  sleeve: 'Sleeve lines',
  thimble: 'Thimble',
  vernier: 'Vernier',
};

/** One part of the scale as a spin button: its count, what it stands for, one less and one more. */
export function PartField(props: PartFieldProps) {
  const { part, count, scale, onLit, onTurn, onEnter, onFigure } = props;
  const [typed, setTyped] = useState<string | undefined>();
  const [refusal, setRefusal] = useState('');
  const step = (by: number) => {
    setTyped(undefined);
    setRefusal('');
    onLit();
    onTurn(by);
  };
  const type = (text: string) => {
    if (!isJudged(part, scale) && /[.,]/.test(text)) {
      setTyped(undefined);
      onFigure(text);
    } else {
      setTyped(text);
    }
  };
  const end = () => {
    if (typed !== undefined) {
      const wanted = Number(typed.replace(',', '.'));
      const finest = isJudged(part, scale) ? 0.1 : 1;
      if (
        typed.trim() !== '' &&
        wanted >= 0 &&
        wanted < part.last + 1 &&
        isMultiple(wanted, finest)
      ) {
        onTurn(wanted - count);
        setRefusal('');
      } else if (/[.,]/.test(typed)) {
        onFigure(typed);
      } else {
        setRefusal(`“${typed}” is not on it: it has 0 to ${part.last}.`);
      }
      setTyped(undefined);
    }
  };
  const press = (event: KeyboardEvent) => {
    const steps = stepsOfKey(event, part, scale);
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
  const words = wordsOf(part.name, count, scale);
  const name = NAMES[part.name];
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
          onClick={() => step(-1)}
        >
          −
        </Button>
        <input
          role="spinbutton"
          aria-label={name}
          aria-valuenow={count}
          aria-valuemin={0}
          aria-valuemax={part.last}
          aria-valuetext={`${count}, ${words}`}
          inputMode={isJudged(part, scale) ? 'decimal' : 'numeric'}
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
          onClick={() => step(1)}
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

/** Whether the eye may judge a tenth between two lines of this part. */
const isJudged = (part: { name: PartName }, scale: ThimbleScale): boolean =>
  part.name === 'thimble' && scale.vernier === undefined;

const isMultiple = (count: number, of: number): boolean =>
  Math.abs(count / of - Math.round(count / of)) < 1e-9;

/** Counts that a key turns by: arrows one line, with Shift a judged tenth; Page keys to the next figure. */
function stepsOfKey(
  event: KeyboardEvent,
  part: { name: PartName },
  scale: ThimbleScale,
): number | undefined {
  const one = event.shiftKey && isJudged(part, scale) ? 0.1 : 1;
  const page = { sleeve: scale.figureEvery, thimble: 5, vernier: 1 }[part.name];
  switch (event.key) {
    case 'ArrowUp':
      return one;
    case 'ArrowDown':
      return -one;
    case 'PageUp':
      return page;
    case 'PageDown':
      return -page;
    default:
      return undefined;
  }
}

/**
 * A count in words, beside it.
 *
 * @example wordsOf('sleeve', 37, micMm0001) // '18 and the half'
 */
function wordsOf(name: PartName, count: number, scale: ThimbleScale): string {
  if (name === 'thimble') {
    return 'on or last passed';
  }
  if (name === 'vernier') {
    return 'lined up';
  }
  if (scale.unit === 'mm') {
    const whole = digitsOf(Math.floor(count / 2) * 1_000_000_000, 'mm', 1_000_000_000);
    return count % 2 === 1 ? `${whole} and the half` : `${whole}, no half`;
  }
  const short = count % scale.figureEvery;
  return `${Math.floor(count / scale.figureEvery)} and ${short} short`;
}
