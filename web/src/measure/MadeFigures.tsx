import {
  type KeyboardEvent,
  type RefObject,
  useImperativeHandle,
  useLayoutEffect,
  useRef,
  useState,
} from 'react';
import { type Gauge, Problem, type Sheet } from '../api/client';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { useNarrow } from '../ui/useNarrow';
import { Keypad } from './Keypad';
import { type Measuring, NOBODY_PICKED, withOf } from './useMeasuring';
import { isPins } from './useEntry';

type Made = NonNullable<Sheet['made']>;

/** Takes a character pressed anywhere on the page. */
export interface OpenFigures {
  open: (character: string) => void;
}

interface MadeFiguresProps {
  measuring: Measuring;
  made: Made;
  opens: RefObject<OpenFigures | null>;
}

/** A size that no gauge is laid on: each figure that it is made of, with the gauge that it is read with. */
export function MadeFigures({ measuring, made, opens }: MadeFiguresProps) {
  const { gauges, gauge, sheet } = measuring;
  const [code, setCode] = useState(() => made.last ?? made.ways[0]?.code ?? '');
  const way = made.ways.find((each) => each.code === code);
  const read = gauges.filter(isRead);
  const usualGauge =
    gauge && isRead(gauge) ? gauge : (read.find(({ unit }) => unit === sheet.job.unit) ?? read[0]);
  const wayChosen = made.last === code ? made.gauges : [];
  return (
    <div className="flex flex-col gap-3">
      <Choice
        label="How this size is made"
        value={code}
        choices={Object.fromEntries(made.ways.map(({ code: of, name }) => [of, name]))}
        onChoose={setCode}
      />
      {way && (
        <Figures
          key={`${code} ${measuring.sheet.feature.id}`}
          measuring={measuring}
          code={code}
          opens={opens}
          names={way.figures}
          usual={way.figures.map((_, i) => wayChosen[i] ?? usualGauge?.key ?? '')}
        />
      )}
    </div>
  );
}

/** One that shows a figure: pins and plugs tell only between which two sizes a part lies. */
const isRead = (gauge: Gauge): boolean =>
  gauge.mayMeasure && !isPins(gauge) && gauge.tries.length === 0;

interface FiguresProps {
  measuring: Measuring;
  code: string;
  names: string[];
  usual: string[];
  opens: RefObject<OpenFigures | null>;
}

function Figures({ measuring, code, names, usual, opens }: FiguresProps) {
  const { gauges, person, keep, setWay, place } = measuring;
  const [texts, setTexts] = useState(() => names.map(() => ''));
  const [readWith, setReadWith] = useState(usual);
  const [refusal, setRefusal] = useState('');
  const [at, setAt] = useState(0);
  const narrow = useNarrow();
  const fields = useRef<(HTMLInputElement | null)[]>([]);
  const placeId = place.id;
  // With each place the first figure is the next thing to type.
  useLayoutEffect(() => fields.current[0]?.focus(), [placeId]);
  const write = (i: number, text: string) => {
    setRefusal('');
    setTexts((before) => before.map((each, n) => (n === i ? text : each)));
  };
  useImperativeHandle(opens, () => ({
    open: (character) => {
      const to = Math.max(
        0,
        texts.findIndex((text) => text === ''),
      );
      write(to, (texts[to] ?? '') + character);
      fields.current[to]?.focus();
    },
  }));
  const end = async () => {
    const missing = texts.findIndex((text) => text.trim() === '');
    if (missing >= 0) {
      fields.current[missing]?.focus();
      return;
    }
    const read = readWith.map((key) => gauges.find((each) => each.key === key));
    const others = read.slice(1).flatMap((each) => (each ? [each] : []));
    if (person === undefined || read[0] === undefined || others.length + 1 < names.length) {
      setRefusal(
        person === undefined ? NOBODY_PICKED : 'Say with which gauge each figure is read.',
      );
      return;
    }
    const sent = texts;
    setTexts(names.map(() => ''));
    fields.current[0]?.focus();
    const became = await keep(
      {
        typed: sent[0] ?? '',
        figure: sent.join(' \u00b7 '),
        made: {
          way: code,
          others: others.map((each, i) => ({ ...withOf(each), typed: sent[i + 1] ?? '' })),
        },
      },
      read[0],
    );
    if (became instanceof Problem) {
      setRefusal(became.message);
      setTexts((now) => (now.every((text) => text === '') ? sent : now));
    }
  };
  const press = (i: number) => (event: KeyboardEvent) => {
    if (event.key === 'Enter') {
      event.preventDefault();
      const next = fields.current[i + 1];
      if (next && texts[i]?.trim() !== '') {
        next.focus();
      } else {
        void end();
      }
    } else if (event.key === 'Escape') {
      event.preventDefault();
      if (texts.some((text) => text !== '')) {
        setTexts(names.map(() => ''));
        fields.current[0]?.focus();
      } else {
        setWay('typed');
      }
    }
  };
  return (
    <div className="flex flex-col gap-3">
      {names.map((name, i) => (
        <div
          key={name}
          className="grid grid-cols-[minmax(0,1fr)_10rem] items-end gap-3 max-tablet:grid-cols-[minmax(0,1fr)_8rem]"
        >
          <label className="flex flex-col">
            <span className="label">
              {name}, {gauges.find(({ key }) => key === readWith[i])?.unit}
            </span>
            <input
              ref={(field) => {
                fields.current[i] = field;
              }}
              value={texts[i]}
              inputMode={narrow ? 'none' : 'text'}
              autoComplete="off"
              spellCheck={false}
              aria-invalid={refusal !== ''}
              aria-describedby={refusal ? 'made-refusal' : undefined}
              onFocus={() => setAt(i)}
              onChange={(event) => write(i, event.target.value)}
              onKeyDown={press(i)}
              className="reading min-h-touch w-full border-b-2 border-line bg-transparent text-title outline-none focus:border-now"
            />
          </label>
          <Choice
            label="read with"
            value={readWith[i] ?? ''}
            choices={Object.fromEntries(
              gauges.filter(isRead).map(({ key, shopNumber }) => [key, shopNumber]),
            )}
            onChoose={(key) =>
              setReadWith((before) => before.map((each, n) => (n === i ? key : each)))
            }
          />
        </div>
      ))}
      {refusal && (
        <p role="alert" id="made-refusal" className="border-l-4 border-ink pl-3 font-semibold">
          {refusal}
        </p>
      )}
      <Keypad text={texts[at] ?? ''} onType={(text) => write(at, text)} />
      <div className="grid grid-cols-[3fr_2fr] gap-3">
        <Button
          look={texts.every((text) => text !== '') ? 'now' : 'plain'}
          onClick={() => void end()}
        >
          <span className="mr-4 font-bold">Enter</span> keep
        </Button>
        <Button onClick={() => setWay('typed')}>
          <span className="mr-3 font-bold">Esc</span> one figure
        </Button>
      </div>
    </div>
  );
}
