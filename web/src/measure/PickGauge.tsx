import { type KeyboardEvent, useLayoutEffect, useRef, useState } from 'react';
import type { Gauge } from '../api/client';
import { useMethods } from '../api/queries';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { finenessOf } from './finenessOf';
import type { Measuring } from './useMeasuring';

interface PickGaugeProps {
  measuring: Measuring;
  open: boolean;
  onClose: () => void;
}

/** The gauges that fit the feature at hand, the best first; the rest behind one key, each with why not. */
export function PickGauge({ measuring, open, onClose }: PickGaugeProps) {
  return (
    <Dialog
      title="Which gauge is in your hand?"
      words="Type its number, or pick it. What it adds by itself is added, and each reading is kept with it."
      open={open}
      onClose={onClose}
      holdsFocus
    >
      {open && <Gauges measuring={measuring} onClose={onClose} />}
    </Dialog>
  );
}

/** A gauge, and what speaks for or against it here; nothing is known of one that the plan does not weigh. */
interface Weighed {
  gauge: Gauge;
  word: string;
  why: string;
  fits: boolean;
}

function useWeighed({ sheet, gauges }: Measuring): Weighed[] | undefined {
  const methods = useMethods(sheet.plan).data;
  const here = methods?.features.find(({ key }) => key === sheet.feature.key)?.methods;
  if (here === undefined) {
    return undefined;
  }
  const known = here.flatMap(({ key, word, reason, uncertainty }) => {
    const gauge = gauges.find((each) => each.key === key);
    return gauge
      ? [{ gauge, word, why: reason, fits: Boolean(uncertainty) && gauge.mayMeasure }]
      : [];
  });
  const others = gauges
    .filter((gauge) => !known.some((each) => each.gauge.key === gauge.key))
    .map((gauge) => ({ gauge, word: 'does not fit', why: '', fits: false }));
  return [...known, ...others];
}

function Gauges({ measuring, onClose }: Pick<PickGaugeProps, 'measuring' | 'onClose'>) {
  const { gauges, gauge: inHand, setGauge } = measuring;
  const weighed = useWeighed(measuring);
  const [typed, setTyped] = useState('');
  const [all, setAll] = useState(false);
  const list = useRef<HTMLDivElement>(null);
  const number = useRef<HTMLInputElement>(null);
  const is = (gauge: Gauge) =>
    gauge.shopNumber.toLowerCase().startsWith(typed.trim().toLowerCase());
  const meant = gauges.find((each) => each.shopNumber.toLowerCase() === typed.trim().toLowerCase());
  const pick = (gauge: Gauge) => {
    if (gauge.mayMeasure) {
      setGauge(gauge.key);
      onClose();
    }
  };
  const isKnown = weighed !== undefined;
  // What is typed before the list is there is the number all the same.
  useLayoutEffect(() => number.current?.focus(), []);
  // Who opens it by mistake and presses Enter goes on with the gauge in hand.
  useLayoutEffect(() => {
    if (isKnown && number.current?.value === '') {
      list.current?.querySelector<HTMLElement>('[aria-current=true]')?.focus();
    }
  }, [isKnown]);
  const collect = (event: KeyboardEvent) => {
    const isTyping = event.target === number.current;
    if (!isTyping && /^[a-z0-9]$/i.test(event.key) && !event.ctrlKey && !event.metaKey) {
      event.preventDefault();
      number.current?.focus();
      setTyped((before) => before + event.key);
    }
  };
  const fitting = weighed?.filter(({ fits, gauge }) => fits && is(gauge)) ?? [];
  const rest = weighed?.filter(({ fits, gauge }) => !fits && is(gauge)) ?? [];
  const showsRest = all || typed !== '' || fitting.length === 0;
  return (
    <div onKeyDown={collect} ref={list} className="mt-4 flex flex-col gap-3">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          const only = fitting.length === 1 ? fitting[0]?.gauge : undefined;
          const wanted = meant ?? only;
          if (wanted) {
            pick(wanted);
          }
        }}
        className="flex flex-wrap items-baseline gap-3"
      >
        <label className="label" htmlFor="gauge-number">
          Its number
        </label>
        <input
          id="gauge-number"
          ref={number}
          value={typed}
          autoComplete="off"
          onChange={(event) => setTyped(event.target.value)}
          className="reading min-h-touch w-40 border-2 border-line bg-paper px-3 text-title focus:border-now"
        />
        <span className="text-quiet">
          {typed === ''
            ? ''
            : meant
              ? `Enter: ${meant.shopNumber}, ${meant.name}`
              : fitting.length + rest.length === 0
                ? 'No gauge has a number that begins so.'
                : ''}
        </span>
      </form>
      <List of={fitting} inHand={inHand} onPick={pick} />
      {!showsRest && rest.length > 0 && (
        <Button onClick={() => setAll(true)} className="self-start">
          {rest.length} more do not fit here: why
        </Button>
      )}
      {showsRest && rest.length > 0 && (
        <>
          <h3 className="label">These do not fit here</h3>
          <List of={rest} inHand={inHand} onPick={pick} />
        </>
      )}
      <Button onClick={onClose} className="self-start">
        Back
      </Button>
    </div>
  );
}

interface ListProps {
  of: Weighed[];
  inHand: Gauge | undefined;
  onPick: (gauge: Gauge) => void;
}

function List({ of, inHand, onPick }: ListProps) {
  return (
    <ul className="flex flex-col gap-2">
      {of.map(({ gauge, word, why }) => (
        <li key={gauge.key}>
          <Button
            className="w-full text-left"
            disabled={!gauge.mayMeasure}
            aria-current={gauge.key === inHand?.key}
            onClick={() => onPick(gauge)}
          >
            <span className="flex flex-wrap items-baseline gap-x-3">
              <strong className="font-bold">{gauge.shopNumber}</strong>
              <span>
                {gauge.name}, {finenessOf(gauge)}
              </span>
              {gauge.key === inHand?.key && <span className="label">in hand</span>}
              <span className="ml-auto font-medium">{word}</span>
            </span>
            {!gauge.mayMeasure && (
              <span className="block font-semibold">
                {gauge.stateWord}: its readings are not taken
              </span>
            )}
            {gauge.state === 'due' && (
              <span className="block font-semibold">its calibration has run out</span>
            )}
            {why && <span className="block text-label text-quiet">{why}</span>}
          </Button>
        </li>
      ))}
    </ul>
  );
}
