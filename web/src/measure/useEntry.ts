import { useRef, useState } from 'react';
import { type Gauge, Problem } from '../api/client';
import { outbox } from '../api/outbox';
import { type Measuring, NOBODY_PICKED } from './useMeasuring';

/** The open entry: what is typed, and why the last of it was refused. */
export interface Entry {
  text: string;
  /** Of pins the one that goes, while the one that does not is asked for; empty otherwise. */
  goes: string;
  refusal: string;
  type: (text: string) => void;
  /** Opens the entry with a character pressed anywhere on the page. */
  open: (character: string) => void;
  /** Ends the entry: the figure is kept. On an empty one nothing happens, for some gauges send two line ends. */
  end: () => void;
  clear: () => void;
}

/** A hole lies between two of them: two figures make one reading. */
export const isPins = (gauge: Gauge | undefined): boolean =>
  gauge !== undefined && gauge.scale === undefined && !isLimitGauge(gauge);

/** It has a go end and a no-go end: what they did is one of three words, each with its number. */
export const isLimitGauge = (gauge: Gauge | undefined): boolean =>
  gauge !== undefined && gauge.tries.length > 0;

/** A figure as it was typed, and the unit of the gauge that was in hand then. */
interface Draft {
  text: string;
  unit: string | undefined;
}

/** A figure typed under another unit says so: 32.220 mm would else become 32.220 in when the gauge changes under it. */
function inItsUnit({ text, unit }: Draft, now: string | undefined): string {
  const bare = /^[\d.,+\-\s/]+$/.test(text);
  return unit && now && unit !== now && bare ? `${text} ${unit}` : text;
}

/**
 * What is typed at a feature. It survives a reload and the way back, and a refused figure is given back to be put right,
 * unless another one is being typed by then: the refused one then lies in the tray.
 *
 * @param draft names the feature it is typed at
 * @param focus brings the field to the fore
 */
export function useEntry(
  measuring: Pick<Measuring, 'keep' | 'setWay' | 'way' | 'person' | 'gauge'>,
  draft: string,
  focus: () => void,
): Entry {
  const name = `jaw-read draft ${draft}`;
  const unit = measuring.gauge?.unit;
  const [written, setWritten] = useState<Draft>(() => ({
    text: sessionStorage.getItem(name) ?? '',
    unit: sessionStorage.getItem(`${name} unit`) ?? undefined,
  }));
  const [refusal, setRefusal] = useState('');
  const [goes, setGoes] = useState('');
  const latest = useRef(written);
  const text = inItsUnit(written, unit);
  const type = (next: string) => {
    const under = latest.current.text === '' ? unit : latest.current.unit;
    latest.current = { text: next, unit: under };
    sessionStorage.setItem(name, next);
    sessionStorage.setItem(`${name} unit`, under ?? '');
    setWritten(latest.current);
  };
  const end = async () => {
    const typed = inItsUnit(latest.current, unit);
    if (typed.trim() === '') {
      return;
    }
    type('');
    setRefusal('');
    if (isPins(measuring.gauge) && goes === '') {
      setGoes(typed);
      return;
    }
    setGoes('');
    const tried = measuring.gauge?.tries[Number(typed) - 1];
    const read = tried
      ? { typed: tried.code, figure: tried.word }
      : goes === ''
        ? { typed, figure: typed }
        : { typed: goes, stops: typed, figure: `${goes} \u2026 ${typed}` };
    const became = await measuring.keep(read);
    if (became === undefined) {
      type(typed);
      setGoes(goes);
      setRefusal(
        measuring.person === undefined
          ? NOBODY_PICKED
          : 'Every reading is kept with its gauge: pick first the one in your hand.',
      );
    } else if (became instanceof Problem) {
      setRefusal(became.message);
      if (latest.current.text === '') {
        type(typed);
        setGoes(goes);
        const refused = outbox
          .all()
          .findLast(({ figure, refusal: why }) => why && figure === read.figure);
        await (refused && outbox.putAway(refused.id));
      }
    }
  };
  return {
    text,
    goes,
    refusal,
    type: (next) => {
      setRefusal('');
      type(next);
    },
    open: (character) => {
      setRefusal('');
      // A refused figure gives way to the next one: what a gauge types would else be glued to it.
      type((refusal === '' ? inItsUnit(latest.current, unit) : '') + character);
      if (measuring.way === 'scale') {
        measuring.setWay('typed');
      }
      focus();
    },
    end: () => void end(),
    clear: () => {
      setRefusal('');
      setGoes('');
      type('');
    },
  };
}
