import { type KeyboardEvent, type ReactNode, type RefObject, useEffect, useState } from 'react';
import { Button } from '../ui/Button';
import { useNarrow } from '../ui/useNarrow';
import { AtPlace } from './AtPlace';
import type { Opens } from './Cards';
import type { Reading } from '../api/client';
import { standing } from '../api/keepReading';
import { Echo } from './Echo';
import { Keypad } from './Keypad';
import { Order } from './Order';
import { type Entry, isLimitGauge, isPins } from './useEntry';
import { GaugeInHand } from './GaugeInHand';
import { Next } from './Next';
import { MadeFigures, type OpenFigures } from './MadeFigures';
import { unsetFor } from './setFirst';
import { StandsAtLine } from './StandsAtLine';
import type { Measuring } from './useMeasuring';

interface ReadTypedProps {
  measuring: Measuring;
  entry: Entry;
  field: RefObject<HTMLInputElement | null>;
  /** Of a size made of several figures. */
  figures: RefObject<OpenFigures | null>;
  open: Opens;
  doubts: ReactNode;
  /** The axis that is offered. */
  third: ReactNode;
  /** The key that leads to setting the gauge in hand. */
  setKey: string;
  /** The own scale looks otherwise than the one drawn for the figure. */
  differs: { open: (size: number) => void; key: string };
}

/** The place at hand: what to do, the figure, what was read before. */
export function ReadTyped(props: ReadTypedProps) {
  const { measuring, entry, field, open, doubts, third, setKey, differs } = props;
  const narrow = useNarrow();
  const echo = (
    <Echo
      measuring={measuring}
      text={entry.wholes[0] ?? entry.text}
      onDiffers={differs.open}
      takes={differs.key}
    />
  );
  const { gauge, setWay, way } = measuring;
  const made = way === 'made' && entry.text === '' ? measuring.sheet.made : undefined;
  // Nothing can be read before it is set; what is typed all the same is not lost.
  const isUnset = unsetFor(measuring) !== undefined;
  const isAsked = measuring.place.doubts.some(({ kind }) => kind === 'misread');
  return (
    <section
      aria-label="Reading"
      className="isolate flex flex-col gap-3 border-2 border-line bg-panel p-4 tablet:p-5"
    >
      <Order measuring={measuring} />
      {entry.goes !== '' && (
        <p className="font-medium">
          The pin of <span className="reading">{entry.goes}</span> goes. Now the smallest that does
          not.
        </p>
      )}
      {isPins(gauge) && entry.goes === '' && (
        <p className="font-medium">The largest pin that goes, then the smallest that does not.</p>
      )}
      <StandsAtLine measuring={measuring} takes={setKey} />
      {/* On a phone the reason and the gauge stand in sight, above the figure: the thumb is on the keys. */}
      {narrow && doubts}
      {narrow && !made && <GaugeInHand measuring={measuring} onGauge={open.gauge} />}
      {made ? (
        <MadeFigures measuring={measuring} made={made} opens={props.figures} />
      ) : (
        <Figure measuring={measuring} entry={entry} field={field} />
      )}
      {!narrow && !made && echo}
      {entry.refusal && (
        <p role="alert" id="refusal" className="border-l-4 border-ink pl-3 font-semibold">
          {entry.refusal}
        </p>
      )}
      <div className="flex flex-col gap-3 bench:hidden">
        {third}
        <Next measuring={measuring} isReading={entry.text !== ''} onCut={open.cut} />
      </div>
      {made ? null : isLimitGauge(gauge) ? (
        <Tries measuring={measuring} />
      ) : isUnset ? null : (
        <Keypad text={entry.text} onType={entry.type} />
      )}
      {!made && ((!isLimitGauge(gauge) && !isUnset) || entry.text !== '') && (
        <Button
          // A doubt is answered first; whoever reads on instead just types.
          look={entry.text !== '' || (measuring.place.wants && !isAsked) ? 'now' : 'plain'}
          onClick={entry.end}
          aria-disabled={entry.text === ''}
        >
          <span className="mr-4 font-bold">Enter</span> keep
        </Button>
      )}
      {/* Under the thumb's keys on a phone. */}
      {narrow && !made && echo}
      <AtPlace measuring={measuring} open={open} doubts={narrow ? null : doubts} />
      <div className="grid grid-cols-[3fr_2fr] gap-3">
        {!narrow && !made && <GaugeInHand measuring={measuring} onGauge={open.gauge} />}
        <Button onClick={() => setWay('scale')} disabled={gauge?.scale === undefined}>
          Read by its scale
        </Button>
        {measuring.sheet.made && !made && (
          <Button onClick={() => setWay('made')}>Made of two figures</Button>
        )}
      </div>
    </section>
  );
}

/** What the two ends of a go and no-go gauge did; by keys the number of it, then Enter. */
function Tries({ measuring }: Pick<ReadTypedProps, 'measuring'>) {
  return (
    <div role="group" aria-label="What its ends did" className="flex flex-col gap-2">
      {measuring.gauge?.tries.map(({ code, word }, i) => (
        <Button
          key={code}
          className="justify-start text-left"
          onClick={() => void measuring.keep({ typed: code, figure: word })}
        >
          <span className="mr-4 font-bold">{i + 1}</span> {word}
        </Button>
      ))}
    </div>
  );
}

/** A figure whose last digits may be typed alone: these are grey. */
function Greyed({ figure, digits }: { figure: string; digits: number }) {
  return digits === 0 ? (
    figure
  ) : (
    <>
      {figure.slice(0, -digits)}
      <span className="text-quiet">{figure.slice(-digits)}</span>
    </>
  );
}

/** Said when the gauge in hand is changed for one of the other unit, until something was read with it. */
function useUnitNote({ gauge, place }: Measuring, unit: string): string {
  const here = `${place.id} ${place.readings.length}`;
  const [told, setTold] = useState({ unit, note: '', here });
  if (told.unit !== unit) {
    const inWords = unit === 'in' ? 'inches' : 'millimetres';
    setTold({ unit, note: `${gauge?.shopNumber ?? 'This gauge'} is read in ${inWords}.`, here });
  }
  return told.here === here ? told.note : '';
}

/** A size as it stands in a unit, and the other beside it. */
function inUnit({ text, unit, other }: Reading['size'], wanted: string) {
  const [otherText = '', otherUnit] = other.split(' ');
  return unit !== wanted && otherUnit === wanted
    ? { text: otherText, other: `${text} ${unit}` }
    : { text, other };
}

/** The figure that rules the screen: the one being typed, else the last one read here. */
function Figure({
  measuring,
  entry,
  field,
}: Pick<ReadTypedProps, 'measuring' | 'entry' | 'field'>) {
  const { place, gauge, waiting, sheet, checking } = measuring;
  // A figure without a unit is in that of the gauge in hand: it stands beside the field before the first digit.
  const unit = gauge?.unit ?? sheet.job.unit;
  const note = useUnitNote(measuring, unit);
  const last = checking ? undefined : standing(place.readings).at(-1);
  const unsent = waiting.at(-1);
  const whole = entry.wholes.length === 1 ? entry.wholes[0] : undefined;
  // Those that may be typed alone stand in grey.
  const { shortEntry } = sheet;
  const digits = shortEntry && shortEntry.gauge === gauge?.key ? shortEntry.digits : 0;
  const { refusal } = entry;
  useEffect(() => {
    if (refusal !== '') {
      field.current?.select();
    }
  }, [refusal, field]);
  const press = (event: KeyboardEvent) => {
    if (entry.text !== '' && (event.key === 'Enter' || event.key === 'Tab')) {
      event.preventDefault();
      entry.end();
    } else if (event.key === 'Escape') {
      entry.clear();
    }
  };
  const shown = last && inUnit(last.size, unit);
  const beside = entry.text === '' && (unsent ? 'kept, not yet judged' : shown?.other);
  return (
    <div>
      <div className="relative flex items-baseline gap-4">
        <div className="relative grow">
          {(entry.text === '' || whole) && (
            <span
              aria-hidden="true"
              className={`reading pointer-events-none absolute inset-0 text-figure max-tablet:text-[3.5rem] wide:text-figure-wide ${
                unsent || last || whole ? '' : 'text-line'
              }`}
            >
              {whole ?? <Greyed figure={unsent?.figure ?? shown?.text ?? '–'} digits={digits} />}
            </span>
          )}
          <input
            ref={field}
            data-entry=""
            autoFocus={entry.text !== ''}
            aria-label={
              isPins(gauge)
                ? `Pin that ${entry.goes === '' ? 'goes' : 'does not go'}, ${unit}`
                : isLimitGauge(gauge)
                  ? 'Number of what its ends did'
                  : `Figure in ${unit}`
            }
            aria-describedby={entry.refusal ? 'refusal' : undefined}
            aria-invalid={entry.refusal !== ''}
            value={entry.text}
            onChange={(event) => entry.type(event.target.value)}
            onKeyDown={press}
            inputMode="none"
            autoComplete="off"
            autoCorrect="off"
            spellCheck={false}
            className={`reading w-full min-w-0 border-b-2 border-line bg-transparent text-figure max-tablet:text-[3.5rem] outline-none focus:border-now wide:text-figure-wide ${
              entry.text === '' ? 'caret-transparent' : 'caret-now'
            } ${whole ? 'text-transparent' : ''}`}
          />
        </div>
        <span className="text-order max-tablet:hidden">{unit}</span>
      </div>
      <p className="min-h-7 text-quiet">
        <span className="tablet:hidden">
          {unit}
          {beside && ', or '}
        </span>
        {beside}
      </p>
      {entry.wholes.length > 1 && (
        <div role="group" aria-label="Which figure" className="flex gap-3">
          {entry.wholes.map((each) => (
            <Button key={each} onClick={() => entry.pick(each)} className="reading text-title">
              {each}
            </Button>
          ))}
        </div>
      )}
      {entry.wholes.length === 1 && (
        <p role="status" className="sr-only">
          {whole}
        </p>
      )}
      {note && (
        <p role="status" className="border-l-4 border-now pl-3 font-semibold">
          {note}
        </p>
      )}
    </div>
  );
}
