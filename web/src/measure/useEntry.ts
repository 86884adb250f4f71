import { useRef, useState } from 'react';
import { type Gauge, Problem, type Sheet } from '../api/client';
import { outbox } from '../api/outbox';
import { takeTyping, withoutEnd } from '../keys/keyedGauges';
import { addStray } from '../keys/strays';
import { type Measuring, NOBODY_PICKED } from './useMeasuring';

/** The open entry: what is typed, and why the last of it was refused. */
export interface Entry {
  text: string;
  /** Of pins the one that goes, while the one that does not is asked for; empty otherwise. */
  goes: string;
  refusal: string;
  /** The whole figures that what is typed may stand for by its last digits: one, or two near a change of head; else none. */
  wholes: string[];
  /** Of two such figures the one that is meant. */
  pick: (whole: string) => void;
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

/** By its number; one that is read with another is called by both. */
const isInHand = (number: string, gauge: Gauge | undefined): boolean =>
  gauge !== undefined && gauge.shopNumber.split(/[\s,+]+/).includes(number);

type ShortEntry = NonNullable<Sheet['shortEntry']>;

/** Exactly so many digits, and nothing else, stand for a figure. */
function wholesBy({ head, otherHead, digits }: ShortEntry, typed: string): string[] {
  const isShort = typed.length === digits && /^\d+$/.test(typed);
  return isShort ? [head, ...(otherHead ? [otherHead] : [])].map((each) => each + typed) : [];
}

/**
 * What is typed at a feature. It survives a reload and the way back, and a refused figure is given back to be put right,
 * unless another one is being typed by then: the refused one then lies in the tray.
 *
 * @param draft names the feature it is typed at
 * @param focus brings the field to the fore
 * @param short the digits that stand for a figure with the gauge in hand; absent where none do
 */
export function useEntry(
  measuring: Pick<Measuring, 'keep' | 'setWay' | 'way' | 'person' | 'gauge' | 'keyed'>,
  draft: string,
  focus: () => void,
  short?: ShortEntry,
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
  const wholesOf = (typed: string): string[] =>
    short !== undefined && short.gauge === measuring.gauge?.key ? wholesBy(short, typed) : [];
  const keepWhole = async (pressed: string, whole: string) => {
    type('');
    setRefusal('');
    const became = await measuring.keep({ typed: whole, pressed, figure: whole });
    if (became === undefined || became instanceof Problem) {
      type(whole);
      setRefusal(became instanceof Problem ? became.message : NOBODY_PICKED);
    }
  };
  const end = async () => {
    const by = takeTyping();
    const from = measuring.keyed.find(({ gauge: number }) =>
      by === '' ? isInHand(number, measuring.gauge) : number === by,
    );
    const typed = inItsUnit(
      { ...latest.current, text: withoutEnd(latest.current.text, from) },
      unit,
    );
    if (typed.trim() === '') {
      return;
    }
    if (by !== '' && !isInHand(by, measuring.gauge)) {
      // It bears the mark of a gauge that is not in hand: nobody knows what it is the size of.
      addStray(typed);
      type('');
      setRefusal(`${typed} came from ${by}, which is not in hand: it lies in the tray.`);
      return;
    }
    const [whole, other] = wholesOf(typed);
    if (whole !== undefined && other === undefined) {
      return keepWhole(typed, whole);
    }
    if (whole !== undefined) {
      setRefusal(
        `The last reading lies near a change: ${whole}, or ${other}? Pick one, or type it in full.`,
      );
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
      // What was read is right as it is: it waits in the tray until the gauge is set.
      if (became.code === 'not-set' || became.code === 'set-for-another') {
        return;
      }
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
    wholes: wholesOf(text),
    pick: (whole) => void keepWhole(latest.current.text, whole),
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
