import { type ReactNode, useMemo, useRef, useState } from 'react';
import type { Gauge, Reading, Scale } from '../api/client';
import { otherUnit } from '../drawings/digits';
import { DrawnScale } from '../drawings/DrawnScale';
import {
  figureOf,
  finestShown,
  onScale,
  type PartCounts,
  partsAt,
  scaleSum,
  type Sense,
  sumPm,
} from '../drawings/scaleSum';
import { SumLines } from '../drawings/SumLines';
import { useKeys } from '../keys/useKeys';
import { Button } from '../ui/Button';
import { Key } from '../ui/Key';
import { useNarrow } from '../ui/useNarrow';
import { useStrike } from '../api/acts';
import { standing } from '../api/keepReading';
import { newId } from '../api/newId';
import { AtPlace } from './AtPlace';
import type { Opens } from './Cards';
import { GaugeInHand } from './GaugeInHand';
import { Next } from './Next';
import { Order } from './Order';
import { Rounds, VerdictHere, WindowHere } from './SoFar';
import { type Measuring, NOBODY_PICKED } from './useMeasuring';
import { unsetFor } from './setFirst';
import { StandsAtLine } from './StandsAtLine';

/** One that has a scale: pins have none. */
export type ScaledGauge = Gauge & { scale: Scale };

/** The scale is opened because the one in hand looks otherwise than it was drawn for a figure. */
export interface Differs {
  /** Where it stands first, in picometres. */
  size: number;
  /** What was read, that gives way to what is set now; absent where it was only half typed. */
  reading: Reading | undefined;
}

interface ReadByScaleProps {
  measuring: Measuring;
  gauge: ScaledGauge;
  open: Opens;
  differs: Differs | undefined;
  onDiffered: () => void;
  /** A figure is typed here: it opens the entry. */
  onFigure: (figure: string) => void;
  doubts: ReactNode;
  /** The axis that is offered. */
  third: ReactNode;
  /** The key that leads to setting the gauge in hand. */
  setKey: string;
  /** The key that takes the next rod, collar or nibs. */
  rodKey: string;
}

/** The gauge's own scale, turned until it shows what the real one shows; the sum beside it line by line. */
export function ReadByScale(props: ReadByScaleProps) {
  const { measuring, gauge, open, differs, onDiffered, onFigure, doubts, third, setKey, rodKey } =
    props;
  const strike = useStrike();
  const startsAt = differs?.size ?? startPm(measuring);
  const sum = useMemo(() => scaleSum(gauge.scale), [gauge.scale]);
  const { setting } = measuring;
  const bases = basesFor(gauge, measuring.sheet.feature.kind);
  const [rodPm, setRod] = useState(() => baseFor(bases, gauge, startsAt));
  const standsOn = bases.find(({ size }) => size.pm === rodPm);
  const basePm = setting?.size.pm ?? rodPm;
  const narrow = useNarrow();
  const [step, setStep] = useState(() => onScale(sum, (startsAt - basePm) / sum.stepPm));
  // Where it stands at first, and still stands after a reading, was read by nobody: only what a hand has set here is kept.
  const [setAt, setSetAt] = useState<number | undefined>();
  const isSet = setAt === measuring.place.id;
  const [lit, setLit] = useState<string | undefined>(sum.looks[0]?.name);
  const sense: Sense | undefined = setting?.sense === -1 ? -1 : setting ? 1 : undefined;
  const turn = (to: number) => {
    setStep(to);
    setSetAt(measuring.place.id);
  };
  const at = { step, sense: sense ?? 1 };
  const pm = sumPm(sum, basePm, at);
  const finest = finestShown(sum, step);
  const figure = figureOf(sum, pm, finest);
  const nobody = measuring.person === undefined;
  const notSet = unsetFor(measuring) !== undefined;
  const cannotKeep = !isSet || nobody || notSet;
  const section = useRef<HTMLElement>(null);
  const toScale = () => {
    const fields = section.current;
    if (!fields?.contains(document.activeElement)) {
      fields?.querySelector<HTMLInputElement>('[data-look]')?.focus();
    }
  };
  const keep = () => {
    if (!cannotKeep) {
      if (differs?.reading) {
        strike.mutate({ id: newId(), reading: differs.reading, reason: 'misread' });
      }
      onDiffered();
      void measuring.keep({
        figure,
        parts: countsToKeep(partsAt(sum, step), sense),
        base: basePm,
        pm,
      });
      setSetAt(undefined);
    }
    toScale();
  };
  const nextRod = () => {
    const next = bases[(bases.findIndex((base) => base === standsOn) + 1) % bases.length];
    setRod(next?.size.pm ?? rodPm);
  };
  useKeys({
    Enter: keep,
    ...(rodKey && bases.length > 1 && { [rodKey]: nextRod }),
    ...Object.fromEntries(TURNING_KEYS.map((key) => [key, toScale])),
  });
  const atPlace = <AtPlace measuring={measuring} open={open} doubts={doubts} />;
  return (
    <>
      <section
        ref={section}
        aria-label="Scale"
        className="flex flex-col gap-3 border-2 border-line bg-panel p-3 tablet:p-4 bench:col-span-2"
      >
        <Order measuring={measuring} />
        {bases.length > 1 && (
          <div role="group" aria-label="What is in it" className="flex flex-wrap gap-2">
            {bases.map((base) => (
              <Button
                key={base.size.pm}
                small
                aria-pressed={base === standsOn}
                className={base === standsOn ? 'border-ink! font-bold' : ''}
                onClick={() => setRod(base.size.pm)}
              >
                {base.label}
                {!base.named && <span className="font-normal text-quiet"> (please name)</span>}
              </Button>
            ))}
            {rodKey && (
              <span className="self-center text-label text-quiet">
                <Key>{rodKey.toUpperCase()}</Key> the next
              </span>
            )}
          </div>
        )}
        <DrawnScale
          label={`The scale of ${gauge.shopNumber}, ${gauge.name}`}
          sum={sum}
          at={{ step, sense }}
          onTurn={turn}
          lit={lit}
          onLit={setLit}
          narrow={narrow}
          onEnter={keep}
          onFigure={onFigure}
          holdsKeys
        />
        <StandsAtLine measuring={measuring} takes={setKey} />
        {nobody && <p className="border-l-4 border-ink pl-3 font-semibold">{NOBODY_PICKED}</p>}
        {differs?.reading && (
          <p className="border-l-4 border-now pl-3 font-semibold">
            Turn it to what yours shows: that is then kept in place of{' '}
            <span className="reading">{differs.reading.size.text}</span>, which is struck as
            misread.
          </p>
        )}
        {!isSet && !differs?.reading && (
          <p className="font-medium">
            {measuring.last === undefined
              ? 'Turn it to what the real one shows: drag, wheel, arrows, or type the counts.'
              : 'Nothing is kept that was not read: turn it, or type the counts, for this reading too.'}
          </p>
        )}
        {!narrow && atPlace}
      </section>
      <div className="flex flex-col gap-3">
        {/* Where the screen is narrow the sum stands right under the scale it is made of. */}
        {narrow && <div className="order-1 flex flex-col gap-3">{atPlace}</div>}
        <div className="order-1 bench:order-none">
          <VerdictHere place={measuring.place} />
          {third}
        </div>
        <section aria-label="Sum" className="flex flex-col gap-2 border-2 border-line bg-panel p-4">
          <SumLines
            sum={sum}
            basePm={basePm}
            at={at}
            lit={lit}
            onLit={setLit}
            pieces={setting === undefined && standsOn ? standsOn.lines : []}
          />
          <output aria-label="Sum" className="reading block text-figure bench:max-wide:text-[4rem]">
            {figure}
          </output>
          <p className="text-quiet">
            {sum.unit}, or {otherUnit(pm, sum.unit, finest)}
          </p>
          <Button
            look={measuring.place.wants && !cannotKeep ? 'now' : 'plain'}
            onClick={keep}
            aria-disabled={cannotKeep}
          >
            <span className="mr-4 font-bold">Enter</span> keep
          </Button>
        </section>
        <div className="order-2 flex flex-col gap-3 bench:order-none">
          <Next measuring={measuring} isReading={false} onCut={open.cut} />
          <WindowHere sheet={measuring.sheet} place={measuring.place} />
          <Rounds sheet={measuring.sheet} place={measuring.place} />
          <div className="grid grid-cols-2 gap-3">
            <GaugeInHand measuring={measuring} onGauge={open.gauge} />
            <Button onClick={() => measuring.setWay('typed')}>Type it instead</Button>
          </div>
        </div>
      </div>
    </>
  );
}

/** They turn the scale, wherever the focus went. */
const TURNING_KEYS = ['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight', 'PageUp', 'PageDown'];

/** What it can stand on here: nibs add where an inside is measured, and not outside. */
const basesFor = ({ bases }: Gauge, kind: string): Gauge['bases'] =>
  bases.filter(({ insideOnly }) => !insideOnly || ['inside', 'bore', 'slot'].includes(kind));

/** What brings it nearest below what is wanted; its own where nothing goes into it. */
const baseFor = (bases: Gauge['bases'], { base }: Gauge, wanted: number): number =>
  bases.filter(({ size }) => size.pm <= wanted).at(-1)?.size.pm ?? base.pm;

const countsToKeep = (counts: PartCounts, sense: Sense | undefined): PartCounts =>
  sense === undefined || counts['needle'] === undefined ? counts : { ...counts, sense };

/** Near to where the real one will stand: what was read here last, else the upper limit. */
function startPm({ place, sheet }: Measuring): number {
  const { high, low } = sheet.feature.limits;
  return (standing(place.readings).at(-1)?.size ?? high ?? low)?.pm ?? 0;
}
