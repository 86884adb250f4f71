import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useStrike } from '../api/acts';
import { type Gauge, pathToJudgement, type Reading } from '../api/client';
import { newId } from '../api/newId';
import { useBindings } from '../keys/bindings';
import { useAwake } from '../keys/useAwake';
import { useKeys } from '../keys/useKeys';
import { CountsAgain } from '../ui/CountsAgain';
import { JobNav } from '../ui/JobNav';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { AskedWhich } from '../ui/WhichPart';
import { standing } from '../api/keepReading';
import { type Card, Cards, type Opens } from './Cards';
import { Doubts } from './Doubts';
import { useDoubtAnswer } from './useDoubtAnswer';
import { KeysInUse } from './KeysInUse';
import type { OpenFigures } from './MadeFigures';
import { type Differs, ReadByScale, type ScaledGauge } from './ReadByScale';
import { ReadTyped } from './ReadTyped';
import { pathToSetFor } from './setFirst';
import { Moved, useMoved } from './Moved';
import { Next } from './Next';
import { FormHere, ThirdAxis, useThirdAxis } from './FormHere';
import { Rounds, VerdictHere, WindowHere } from './SoFar';
import { useEntry } from './useEntry';
import { UnderPlan } from './UnderPlan';
import { type Measuring, neighbour, useMeasuring, type Way, type WorkAtHand } from './useMeasuring';
import { useSpeaking } from './useSpeaking';
import { Where } from './Where';

/** The walk: where one is, the figure at hand, and what it all comes to so far. */
export function MeasureScreen() {
  const { measuring, failure, away } = useMeasuring();
  if (measuring === undefined) {
    return (
      <Shell title="Measure">
        {failure && <Notice title="This cannot be measured" words={failure.message} back />}
        {away && <ServerAwayNotice />}
      </Shell>
    );
  }
  // The same while the plan goes on to another edition: what is half typed stays.
  const { part, feature } = measuring.sheet;
  return <AtTheBench key={`${part.id} ${feature.key}`} work={measuring} />;
}

/** Pins have none: they are typed. */
const hasScale = (gauge: Gauge): gauge is ScaledGauge => gauge.scale !== undefined;

/** One figure by its scale only where it has one; what is being typed is seen being typed. */
function wayNow({ way, gauge, sheet }: Measuring, typed: string): Way {
  if (typed !== '') {
    return 'typed';
  }
  const can = way === 'made' ? sheet.made !== undefined : gauge !== undefined && hasScale(gauge);
  return can ? way : 'typed';
}

const DOUBT_KEYS = { again: 'doubtAgain', correct: 'doubtCorrect', keep: 'doubtKeep' } as const;

function AtTheBench({ work }: { work: WorkAtHand }) {
  const measuring: Measuring = { ...work, speaking: useSpeaking(work) };
  const { sheet, round, place } = measuring;
  const [card, setCard] = useState<Card | undefined>();
  const [open] = useState<Opens>(() => ({
    none: () => setCard(undefined),
    close: (which) => setCard((now) => (now === which ? undefined : now)),
    care: () => setCard('care'),
    cut: () => setCard('cut'),
    gauge: () => setCard('gauge'),
    place: () => setCard('place'),
    belongs: () => setCard('belongs'),
    worst: () => setCard('worst'),
    reading: (reading: Reading) => setCard({ reading }),
  }));
  // A cut opens another round, and that it was never taken leads back: what was asked about the one before is answered then.
  const [cardIn, setCardIn] = useState(round.number);
  if (cardIn !== round.number) {
    setCardIn(round.number);
    open.close('cut');
  }
  // Where the scale is opened because the one in hand looks otherwise: what was read there is then read anew.
  const [differs, setDiffers] = useState<Differs | undefined>();
  const field = useRef<HTMLInputElement>(null);
  const figures = useRef<OpenFigures>(null);
  const entry = useEntry(
    measuring,
    `${sheet.part.id} ${sheet.feature.id}`,
    () => field.current?.focus(),
    sheet.shortEntry ?? undefined,
  );
  const { gauge } = measuring;
  const way = wayNow(measuring, entry.text);
  const bindings = useBindings();
  const navigate = useNavigate();
  const setPath = pathToSetFor(measuring);
  const setKey = bindings.on ? bindings.keyOf('setIt') : '';
  const again = useStrike();
  const doubt = useDoubtAnswer(measuring);
  const third = useThirdAxis(measuring);
  const moved = useMoved();
  const doubts = (
    <Doubts
      measuring={measuring}
      answering={doubt}
      keyOf={(answer) => (bindings.on ? bindings.keyOf(DOUBT_KEYS[answer]) : '')}
    />
  );
  const axis = <ThirdAxis third={third} takes={bindings.on ? bindings.keyOf('axis') : ''} />;
  const last = standing(place.readings).at(-1);
  const toPart = (by: 1 | -1) => {
    const to = neighbour(sheet.parts, sheet.part.id, by);
    measuring.goTo(to?.id ?? sheet.part.id, sheet.feature.id);
  };
  const toFeature = (by: 1 | -1) => {
    const to = neighbour(sheet.features, sheet.feature.id, by);
    measuring.goTo(sheet.part.id, to?.id ?? sheet.feature.id);
  };
  const toPlace = (by: 1 | -1) => {
    const to = neighbour(round.places, place.id, by);
    if (to !== undefined) {
      measuring.goToPlace(to.id);
    }
  };
  const takeAgain = () => {
    const { person } = measuring;
    if (last && person !== undefined && !again.isPending) {
      again.mutate({ id: newId(), reading: last, reason: 'slipped, taken again' });
    }
  };
  const openDiffering = (size: number) => {
    setDiffers({ size, reading: entry.text === '' ? last : undefined });
    entry.clear();
    measuring.setWay('scale');
  };
  useAwake();
  const pedal = bindings.keyOf('accept');
  useKeys(
    {
      ...bindings.shortcuts({
        scale: () => {
          setDiffers(undefined);
          measuring.setWay(way === 'scale' ? 'typed' : 'scale');
        },
        made: () => measuring.setWay(way === 'made' ? 'typed' : 'made'),
        cut: open.cut,
        gauge: open.gauge,
        care: open.care,
        setIt: () => setPath !== undefined && void navigate(setPath),
        strike: () => last && setCard({ reading: last }),
        differs: () => last && openDiffering(last.size.pm),
        same: measuring.keepSame,
        again: takeAgain,
        place: open.place,
        belongs: open.belongs,
        putBack: moved.undo,
        worst: open.worst,
        quick: measuring.toggleChecking,
        axis: third.take,
        doubtWhich: () => doubt.pick(),
        doubtAgain: () => doubt.byKey('again', bindings.keyOf('doubtWhich')),
        doubtCorrect: () => doubt.byKey('correct', bindings.keyOf('doubtWhich')),
        doubtKeep: () => doubt.byKey('keep', bindings.keyOf('doubtWhich')),
        doubtPractise: () => doubt.practise && void navigate(doubt.practise),
        next: measuring.goNext,
        judgement: () => void navigate(pathToJudgement(sheet.part.id)),
        sounds: measuring.toggleSounds,
        readBack: measuring.toggleReadBack,
      }),
      '?': () => setCard('keys'),
      Enter: entry.end,
      // In the scale these turn it.
      ...(way !== 'scale' && {
        PageUp: () => toPlace(-1),
        PageDown: () => toPlace(1),
        ArrowLeft: () => toPart(-1),
        ArrowRight: () => toPart(1),
        ArrowUp: () => toFeature(-1),
        ArrowDown: () => toFeature(1),
      }),
    },
    {
      open: (character) => {
        open.none();
        if (way === 'made') {
          figures.current?.open(character);
        } else {
          entry.open(character);
        }
      },
      isOpen: entry.text !== '',
    },
    pedal === '' ? undefined : { key: pedal, act: entry.end },
  );
  return (
    <Shell
      title={`${sheet.part.name}, ${sheet.feature.name}`}
      say={measuring.say}
      lives={sheet.job.lives}
      head={
        <>
          <h1 className="text-body font-bold">
            {sheet.part.name}, {round.name}
          </h1>
          <JobNav job={sheet.job} plan={sheet.plan} part={sheet.part.id} here="measure" />
        </>
      }
      keys={<KeysInUse way={way} bindings={bindings} />}
    >
      <CountsAgain part={sheet.part.id} said={sheet.again} />
      {sheet.asked && <AskedWhich part={sheet.part.id} asked={sheet.asked} />}
      <Moved moved={moved} takes={bindings.on ? bindings.keyOf('putBack') : ''} />
      <UnderPlan measuring={measuring} />
      <div className="grid grow grid-cols-1 gap-4 p-3 tablet:p-5 bench:grid-cols-[15rem_minmax(0,1fr)_17rem] wide:grid-cols-[21rem_minmax(0,1fr)_21rem]">
        {way === 'scale' && gauge !== undefined && hasScale(gauge) ? (
          <ReadByScale
            // Another gauge, another round: nobody has set the scale to it yet.
            key={`${gauge.key} ${round.number}`}
            measuring={measuring}
            gauge={gauge}
            open={open}
            differs={differs}
            onDiffered={() => setDiffers(undefined)}
            onFigure={entry.open}
            doubts={doubts}
            third={axis}
            setKey={setKey}
            rodKey={bindings.on ? bindings.keyOf('rod') : ''}
          />
        ) : (
          <>
            <Where
              sheet={sheet}
              round={round}
              place={place}
              pathTo={measuring.pathTo}
              goToPlace={measuring.goToPlace}
            />
            <ReadTyped
              measuring={measuring}
              entry={entry}
              field={field}
              figures={figures}
              open={open}
              doubts={doubts}
              third={axis}
              setKey={setKey}
              differs={{ open: openDiffering, key: bindings.on ? bindings.keyOf('differs') : '' }}
            />
            {/* Each column is painted by itself: what is typed in one paints the others not at all. */}
            <section aria-label="So far" className="isolate flex flex-col gap-3">
              <VerdictHere place={place} />
              {/* On a narrow screen this and what is next stand under the figure, where the thumb is. */}
              <div className="hidden bench:block">{axis}</div>
              <WindowHere sheet={sheet} place={place} />
              <FormHere sheet={sheet} round={round} place={place} />
              <div className="hidden bench:flex bench:flex-col">
                <Next measuring={measuring} isReading={entry.text !== ''} onCut={open.cut} />
              </div>
              <Rounds sheet={sheet} place={place} />
            </section>
          </>
        )}
      </div>
      <Cards
        measuring={measuring}
        bindings={bindings}
        card={card}
        onClose={open.close}
        onBelongs={open.belongs}
      />
    </Shell>
  );
}
