import { useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { Misread, Scale } from '../api/client';
import { useScales } from '../api/queries';
import { DrawnScale } from '../drawings/DrawnScale';
import { onScale, stepOf } from '../drawings/scaleSum';
import { useGlide } from '../drawings/useGlide';
import { useKeys } from '../keys/useKeys';
import { Button } from '../ui/Button';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { useNarrow } from '../ui/useNarrow';
import { Base } from './Base';
import { Figure } from './Figure';
import { HowRead } from './HowRead';
import { KeepIt } from './KeepIt';
import { KeysOfReader } from './KeysOfReader';
import { Misreads } from './Misreads';
import { SetIt } from './SetIt';
import { useReader } from './useReader';

const TITLE = 'Read a scale';
const NO_MISREADS: Misread[] = [];

/** One scale, large and true, with no job needed: read it, or set it to a wanted size. */
export function ReaderScreen() {
  const { scale: id } = useParams();
  const scales = useScales();
  const scale = scales.data?.find((each) => each.id === id);
  if (scale === undefined) {
    return (
      <Shell title={TITLE}>
        {scales.data && (
          <Notice
            title="There is no such scale"
            words="Pick one by a picture of its face: Read a scale, on the bench."
            back
          />
        )}
        {scales.isPending && scales.failureCount > 0 && <ServerAwayNotice />}
      </Shell>
    );
  }
  return <ReadIt key={scale.id} scale={scale} />;
}

type Card = 'how' | 'keep';

function ReadIt({ scale }: { scale: Scale }) {
  const reader = useReader(scale);
  const narrow = useNarrow();
  const navigate = useNavigate();
  const { sum, step } = reader;
  // Of a sum of one line nothing needs to be pointed out.
  const [lit, setLit] = useState(sum.looks.length > 1 ? sum.looks[0]?.name : undefined);
  const [card, setCard] = useState<Card | undefined>();
  const [copied, setCopied] = useState('');
  const setField = useRef<HTMLInputElement>(null);
  const { glide, stop } = useGlide(reader.turn);
  const turn = (to: number) => {
    stop();
    reader.turn(onScale(sum, to));
  };
  const fine = sum.leastCountPm / sum.stepPm;
  const coarse = Math.max(sum.parts[0]?.steps ?? 1, fine) * (sum.parts.length === 1 ? 10 : 1);
  const leaves = scale.family === 'feeler';
  const by = (steps: number) => () => !leaves && turn(step + steps);
  const copy = () => {
    const text = `${reader.figure} ${scale.unit}`;
    void navigator.clipboard.writeText(text).then(() => setCopied(text));
  };
  useKeys({
    ArrowUp: by(fine),
    ArrowRight: by(fine),
    ArrowDown: by(-fine),
    ArrowLeft: by(-fine),
    PageUp: by(coarse),
    PageDown: by(-coarse),
    c: copy,
    k: () => setCard('keep'),
    h: () => setCard('how'),
    s: () => setField.current?.focus(),
    f: () => void navigate('/read'),
  });
  const isCopied = copied === `${reader.figure} ${scale.unit}`;
  return (
    <Shell
      title={TITLE}
      say={reader.reading?.say ?? ''}
      head={
        <>
          <h1 className="text-body font-semibold">{TITLE}</h1>
          <Link to="/read" className="py-2 text-quiet underline decoration-line underline-offset-4">
            all faces
          </Link>
        </>
      }
      keys={<KeysOfReader leaves={leaves} />}
    >
      <div className="grid grow grid-cols-1 gap-4 p-3 tablet:p-5 bench:grid-cols-[minmax(0,1fr)_23rem]">
        <section aria-label="Scale" className="flex flex-col gap-3">
          <header className="flex flex-wrap items-end gap-x-5 gap-y-2">
            <div className="min-w-0 flex-1 basis-72">
              <h2 className="text-title">{scale.name}</h2>
              <p className="flex flex-wrap gap-x-4 text-quiet">
                {scale.leastCount.text} {scale.unit}, which is {scale.leastCount.other}
                <button
                  type="button"
                  onClick={() => setCard('how')}
                  className="font-semibold text-ink underline decoration-line underline-offset-4"
                >
                  How it is read
                </button>
              </p>
            </div>
            <Base reader={reader} />
            <SetIt
              reader={reader}
              field={setField}
              onSet={(parts) => {
                setLit(sum.looks[0]?.name);
                if (leaves) {
                  turn(stepOf(sum, parts));
                } else {
                  glide(step, stepOf(sum, parts));
                }
              }}
            />
          </header>
          <div>
            <DrawnScale
              label={scale.name}
              sum={sum}
              at={{ step, sense: reader.sense }}
              onTurn={turn}
              onSense={reader.setSense}
              row={reader.row}
              {...(scale.runs === 'both' && { onRow: reader.setRow })}
              lit={lit}
              onLit={setLit}
              narrow={narrow}
              onEnter={() => setCard('keep')}
            />
          </div>
        </section>
        <section
          aria-label="Sum"
          className="flex flex-col gap-2 border-2 border-line bg-panel p-4 max-bench:contents"
        >
          <Figure reader={reader} lit={lit} onLit={setLit} />
          <Misreads
            misreads={reader.lastReading?.misreads ?? NO_MISREADS}
            fresh={reader.reading !== undefined}
          />
          <div className="mt-auto flex gap-2 border-line pt-2 max-bench:sticky max-bench:bottom-0 max-bench:-mx-3 tablet:max-bench:-mx-5 max-bench:border-t-2 max-bench:bg-panel max-bench:px-4 max-bench:pb-2">
            <span aria-hidden="true" className="reading grow self-center text-order bench:hidden">
              {reader.figure} <span className="text-body">{scale.unit}</span>
            </span>
            <Button look="now" className="bench:grow" onClick={() => setCard('keep')}>
              <span className="max-tablet:hidden">Keep it in a job</span>
              <span className="tablet:hidden">Keep</span>
            </Button>
            <Button onClick={copy}>{isCopied ? 'Copied' : 'Copy'}</Button>
          </div>
        </section>
      </div>
      <HowRead scale={scale} open={card === 'how'} onClose={() => setCard(undefined)} />
      {card === 'keep' && <KeepIt reader={reader} onClose={() => setCard(undefined)} />}
    </Shell>
  );
}
