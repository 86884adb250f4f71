import { useState } from 'react';
import type { Gauge, Reading } from '../api/client';
import { CoincidenceStrip } from '../drawings/CoincidenceStrip';
import {
  addends,
  digitsOf,
  finestShown,
  onScale,
  otherUnit,
  partsAt,
  type PartName,
  stepsALine,
  stepsATurn,
  sumPm,
  thimbleScale,
} from '../drawings/scaleSum';
import { Thimble } from '../drawings/Thimble';
import { useKeys } from '../keys/useKeys';
import { Button } from '../ui/Button';
import { useNarrow } from '../ui/useNarrow';
import { GaugeInHand } from './GaugeInHand';
import { Next, wantsReading } from './Next';
import { Order } from './Order';
import { PartField } from './PartField';
import { Readings } from './Readings';
import { Rounds, VerdictHere, WindowHere } from './SoFar';
import { Tray } from './Tray';
import { type Measuring, NOBODY_PICKED, standing } from './useMeasuring';

interface ReadByScaleProps {
  measuring: Measuring;
  gauge: Gauge;
  onGauge: () => void;
  onCut: () => void;
  onReading: (reading: Reading) => void;
  /** A figure is typed here: it opens the entry. */
  onFigure: (figure: string) => void;
}

/** The gauge's own scale, turned until it shows what the real one shows; the sum beside it line by line. */
export function ReadByScale({
  measuring,
  gauge,
  onGauge,
  onCut,
  onReading,
  onFigure,
}: ReadByScaleProps) {
  const scale = thimbleScale(gauge.scale);
  const basePm = gauge.base.pm;
  const narrow = useNarrow();
  const [step, setStep] = useState(() =>
    onScale(scale, (startPm(measuring) - basePm) / scale.stepPm),
  );
  // Where it stands at first was read by nobody: only what a hand has set is kept.
  const [isSet, setIsSet] = useState(false);
  const [lit, setLit] = useState<PartName | undefined>('sleeve');
  const turn = (to: number) => {
    setStep(onScale(scale, to));
    setIsSet(true);
  };
  const pm = sumPm(scale, basePm, step);
  const finest = finestShown(scale, step);
  const figure = digitsOf(pm, scale.unit, finest);
  const counts = partsAt(scale, step);
  const nobody = measuring.person === undefined;
  const keep = () => {
    if (isSet && !nobody) {
      void measuring.keep({ figure, parts: { ...counts }, pm });
    }
  };
  useKeys({ Enter: keep });
  const parts = [scale.sleeve, scale.thimble, scale.vernier].flatMap((part) => part ?? []);
  const line = Math.floor(counts.thimble ?? 0);
  const trap = gauge.scale.traps.find(
    ({ part, from, to }) => part === 'thimble' && line >= from && line <= to,
  );
  return (
    <>
      <section
        aria-label="Scale"
        className="flex flex-col gap-3 border-2 border-line bg-panel p-3 tablet:p-4 bench:col-span-2"
      >
        <Order measuring={measuring} />
        <div
          role="group"
          aria-label={`The scale of ${gauge.shopNumber}, ${gauge.name}`}
          className="flex flex-col gap-2"
        >
          <div className="overflow-hidden border-2 border-line">
            <Thimble scale={scale} step={step} onTurn={turn} lit={lit} narrow={narrow} />
            <CoincidenceStrip scale={scale} step={step} lit={lit === 'vernier'} narrow={narrow} />
          </div>
          <div className="grid grid-cols-1 gap-2 tablet:grid-cols-3">
            {parts.map((part) => (
              <PartField
                key={part.name}
                part={part}
                count={counts[part.name] ?? 0}
                scale={scale}
                onLit={() => setLit(part.name)}
                onTurn={(by) => turn(step + Math.round(by * stepsOf[part.name](scale)))}
                onEnter={keep}
                onFigure={onFigure}
              />
            ))}
          </div>
        </div>
        {nobody && <p className="border-l-4 border-ink pl-3 font-semibold">{NOBODY_PICKED}</p>}
        <p className="font-medium">
          {isSet
            ? trap?.sentence
            : 'Turn it to what the real one shows: drag, wheel, arrows, or type the counts.'}
        </p>
        <Readings measuring={measuring} onReading={onReading} />
        <Tray measuring={measuring} />
      </section>
      <div className="flex flex-col gap-3">
        <div className="order-1 bench:order-none">
          <VerdictHere measuring={measuring} />
        </div>
        <section aria-label="Sum" className="flex flex-col gap-2 border-2 border-line bg-panel p-4">
          <dl>
            {addends(scale, basePm, step).map(({ part, label, text }) => (
              <div
                key={part}
                className={`flex justify-between border-b border-line ${part === lit ? 'font-bold text-now' : ''}`}
                onPointerEnter={() => part !== 'base' && setLit(part)}
              >
                <dt>{label}</dt>
                <dd className="reading">{text}</dd>
              </div>
            ))}
          </dl>
          <output aria-label="Sum" className="reading block text-figure">
            {figure}
          </output>
          <p className="text-quiet">
            {scale.unit}, or {otherUnit(pm, scale.unit, finest)}
          </p>
          <Button
            look={wantsReading(measuring) ? 'now' : 'plain'}
            onClick={keep}
            aria-disabled={!isSet || nobody}
          >
            <span className="mr-4 font-bold">Enter</span> keep
          </Button>
        </section>
        <div className="order-2 flex flex-col gap-3 bench:order-none">
          <Next measuring={measuring} isReading={false} onCut={onCut} />
          <WindowHere measuring={measuring} />
          <Rounds measuring={measuring} />
          <div className="grid grid-cols-2 gap-3">
            <GaugeInHand gauge={gauge} onGauge={onGauge} />
            <Button onClick={() => measuring.setWay('typed')}>Type it instead</Button>
          </div>
        </div>
      </div>
    </>
  );
}

/** How far one count of a part turns the thimble, in its finest steps. */
const stepsOf = { sleeve: stepsATurn, thimble: stepsALine, vernier: () => 1 };

/** Near to where the real one will stand: what was read here last, else the upper limit. */
function startPm({ place, sheet }: Measuring): number {
  const { high, low } = sheet.feature.limits;
  return (standing(place).at(-1)?.size ?? high ?? low)?.pm ?? 0;
}
