import { type KeyboardEvent, useState } from 'react';
import { Button } from '../ui/Button';
import { lookName, lookWords } from './lookWords';
import { countText, type LookOf, type ScaleSum } from './scaleSum';

interface LookFieldProps {
  sum: ScaleSum;
  look: LookOf;
  count: number;
  /** This look is taken: its line is shown on the drawing. */
  onLit: () => void;
  /** Turned by so many steps, carrying over at the end of a turn as the real one does. */
  onTurn: (steps: number) => void;
  /** A count was typed that is on the scale. */
  onCount: (count: number) => void;
  onEnter: () => void;
  /** What was typed has a decimal mark, and is no count: a figure, as a gauge with a keyboard's plug sends it. */
  onFigure: ((figure: string) => void) | undefined;
}

/** One look at the scale as a spin button: its count, one less and one more. A blank goes on to the next. */
export function LookField(props: LookFieldProps) {
  const { sum, look, count, onLit, onTurn, onCount, onEnter, onFigure } = props;
  const [typed, setTyped] = useState<string | undefined>();
  const [refusal, setRefusal] = useState('');
  const step = (steps: number) => {
    setTyped(undefined);
    setRefusal('');
    onLit();
    onTurn(steps);
  };
  const type = (text: string) => {
    if (!look.estimate && onFigure && /[.,]/.test(text)) {
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
    const wanted = countOf(typed, sum, look);
    if (wanted !== undefined) {
      onCount(wanted);
    } else if (onFigure && /[.,]/.test(typed)) {
      onFigure(typed);
    } else {
      setRefusal(refusalOf(typed, sum, look));
    }
  };
  const press = (event: KeyboardEvent<HTMLInputElement>) => {
    const steps = stepsOfKey(event, sum, look);
    const along = ALONG[event.key];
    if (steps !== undefined) {
      event.preventDefault();
      step(steps);
    } else if (along !== undefined) {
      event.preventDefault();
      // What was typed is taken as the field is left.
      goAlong(event.currentTarget, along);
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
  const name = lookName(look);
  const shown = shownAs(look, count);
  const one = oneOf(look);
  return (
    <div
      className="border-2 border-line bg-paper p-2 max-tablet:grid max-tablet:grid-cols-[7rem_1fr] max-tablet:items-center"
      onPointerEnter={onLit}
    >
      <div className="flex min-h-5 justify-between gap-2 max-tablet:flex-col max-tablet:gap-0">
        <span className="label first-letter:uppercase">{look.label}</span>
        <span className="label tablet:text-right">{lookWords(sum, look, count)}</span>
      </div>
      <div className="flex items-center gap-2">
        <Button
          aria-label={`${name}, one less`}
          className="w-touch shrink-0 text-center! text-title"
          onClick={() => step(-one)}
        >
          −
        </Button>
        <input
          role="spinbutton"
          data-look={look.name}
          aria-label={name}
          aria-valuenow={count}
          aria-valuemin={look.first}
          aria-valuemax={look.last}
          aria-valuetext={[shown, lookWords(sum, look, count)].filter(Boolean).join(', ')}
          inputMode={look.estimate ? 'decimal' : 'numeric'}
          value={typed ?? shown}
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
          onClick={() => step(one)}
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

/** A half line is seen or not; any other count is a number. */
const shownAs = (look: LookOf, count: number): string =>
  look.name === 'half' ? (count === 0 ? 'no' : 'yes') : countText(look, count);

/** Steps of one count; of a display its last place, and of one that only says how the others are read, one. */
const oneOf = ({ name, steps, per }: LookOf): number => (name === 'shown' || per === 0 ? 1 : steps);

/** Keys that go to the look before or after. */
const ALONG: Partial<Record<string, 1 | -1>> = { ArrowLeft: -1, ArrowRight: 1, ' ': 1 };

function goAlong(from: HTMLInputElement, by: 1 | -1): void {
  const fields = [
    ...(from.closest('[role="group"]')?.querySelectorAll<HTMLInputElement>('[data-look]') ?? []),
  ];
  const next = fields[Math.min(Math.max(fields.indexOf(from) + by, 0), fields.length - 1)];
  if (next === from) {
    from.blur();
  }
  next?.focus();
}

/** The count that was typed, when it is on this part of the scale: of a rule as a fraction too, of a half line 0 or 1. */
function countOf(typed: string, { lastStep, stepPm }: ScaleSum, look: LookOf): number | undefined {
  const wanted = numberOf(typed, look.over);
  const isShown = look.name === 'shown';
  const last = isShown ? (lastStep * stepPm) / look.worthPm : look.last;
  const finest = isShown ? stepPm / look.worthPm : look.estimate ? 0.1 : 1;
  const isOnIt =
    wanted >= look.first &&
    (look.estimate && !isShown ? wanted < last + 1 : wanted <= last) &&
    Math.abs(wanted / finest - Math.round(wanted / finest)) < 1e-6;
  return isOnIt ? wanted : undefined;
}

/** @example numberOf('25/64', 64) // 25 */
function numberOf(typed: string, over: number): number {
  const plain = typed.trim().replace(',', '.').replace('−', '-');
  const fraction = /^(\d+)\/(\d+)$/.exec(plain);
  if (fraction !== null) {
    return (Number(fraction[1]) * over) / Number(fraction[2]);
  }
  return plain === '' ? NaN : Number(SEEN[plain.toLowerCase()] ?? plain);
}

const SEEN: Partial<Record<string, number>> = { yes: 1, no: 0 };

function refusalOf(typed: string, { scale }: ScaleSum, look: LookOf): string {
  return look.name === 'shown'
    ? `It cannot show “${typed}”: its last place goes by ${scale.leastCount.text} ${scale.unit}.`
    : `“${typed}” is not on it: it has ${look.first} to ${look.last}${look.estimate ? ', a tenth at the finest' : ''}.`;
}

/** Steps that a key turns by: arrows one count, with Shift a judged tenth; Page keys to the next figure. */
function stepsOfKey(event: KeyboardEvent, sum: ScaleSum, look: LookOf): number | undefined {
  const one = event.shiftKey && look.estimate ? 1 : oneOf(look);
  switch (event.key) {
    case 'ArrowUp':
      return one;
    case 'ArrowDown':
      return -one;
    case 'PageUp':
      return one * toNextFigure(sum, look);
    case 'PageDown':
      return -one * toNextFigure(sum, look);
    default:
      return undefined;
  }
}

/** Counts from one printed figure to the next. */
function toNextFigure({ scale }: ScaleSum, { name, last, per }: LookOf): number {
  const FIGURES: Record<string, number> = {
    thimble: 5,
    line: 5,
    dial: (last + 1) / 10,
    needle: 10,
    shown: 100,
    lines: scale.figureEvery,
    half: scale.figureEvery,
    millimetres: scale.figureEvery / per,
  };
  return FIGURES[name] ?? 1;
}
