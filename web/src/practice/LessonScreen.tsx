import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { pathToPractise } from '../api/client';
import { useLessonStep, usePractice } from '../api/practice';
import type { LessonUnit } from '../drawings/lessonFigures';
import { useKeys } from '../keys/useKeys';
import { Button } from '../ui/Button';
import { KeysAlong } from '../ui/KeysAlong';
import { Notice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { lessonSteps } from './lessonSteps';

/** For who has never read a gauge: step by step, to the first ten items; left and taken up anywhere. */
export function LessonScreen() {
  const page = usePractice();
  if (page.data === undefined) {
    return (
      <Shell title="First lesson">
        {page.error && <Notice title="Who learns?" words={page.error.message} back />}
      </Shell>
    );
  }
  const { lesson } = page.data;
  return (
    <Lesson from={lesson && { unit: lesson.unit === 'in' ? 'in' : 'mm', step: lesson.step }} />
  );
}

interface LessonProps {
  from: { unit: LessonUnit; step: number } | undefined | null;
}

function Lesson({ from }: LessonProps) {
  const [at, setAt] = useState<{ unit: LessonUnit; step: number } | undefined>(from ?? undefined);
  const keep = useLessonStep();
  const navigate = useNavigate();
  const go = (unit: LessonUnit, step: number) => {
    setAt({ unit, step });
    keep.mutate({ unit, step });
  };
  const steps = at && lessonSteps(at.unit);
  const toTen = pathToPractise({
    level: 'fine',
    scale: at?.unit === 'in' ? 'mic-in-001' : 'mic-mm-001',
  });
  const isEnd = steps !== undefined && at !== undefined && at.step >= steps.length;
  const on = () => {
    if (at === undefined) {
      return;
    }
    if (isEnd) {
      void navigate(toTen);
    } else {
      go(at.unit, at.step + 1);
    }
  };
  useKeys({
    ...(at
      ? {
          Enter: on,
          ArrowRight: on,
          ArrowLeft: () => at.step > 0 && go(at.unit, at.step - 1),
          u: () => go(at.unit === 'in' ? 'mm' : 'in', at.step),
        }
      : { m: () => go('mm', 0), i: () => go('in', 0) }),
  });
  const now = at && steps?.[at.step];
  return (
    <Shell
      title="First lesson"
      say={now ? `${now.title} ${now.words.join(' ')}` : ''}
      head={
        <>
          <h1 className="text-body font-bold">First lesson</h1>
          <Link
            to="/practice"
            className="py-2 text-quiet underline decoration-line underline-offset-4"
          >
            practice
          </Link>
        </>
      }
      keys={
        <KeysAlong
          uses={
            at
              ? [
                  ['Enter', isEnd ? 'ten items' : 'on'],
                  ['←', 'back'],
                  ['U', at.unit === 'in' ? 'in millimetres' : 'in inches'],
                ]
              : [
                  ['M', 'millimetres'],
                  ['I', 'inches'],
                ]
          }
        />
      }
    >
      <div className="mx-auto flex w-full max-w-4xl flex-col gap-4 p-3 tablet:p-6">
        {at === undefined && (
          <section aria-label="Which unit" className="flex flex-col gap-4">
            <h2 className="text-order font-bold">How a gauge is read, from the beginning</h2>
            <p>
              Ten minutes; leave it whenever you like, it goes on where you left. In which unit?
            </p>
            <div className="flex flex-wrap gap-3">
              <Button look="now" onClick={() => go('mm', 0)}>
                <span className="mr-3 font-bold">M</span> millimetres
              </Button>
              <Button onClick={() => go('in', 0)}>
                <span className="mr-3 font-bold">I</span> inches
              </Button>
            </div>
          </section>
        )}
        {at && now && (
          <article className="flex flex-col gap-4">
            <p className="label">
              {at.step + 1} of {steps?.length}
            </p>
            <h2 className="text-order font-bold">{now.title}</h2>
            {now.figure(at.unit)}
            {now.words.map((words) => (
              <p key={words} className="text-title font-normal">
                {words}
              </p>
            ))}
            <div className="flex flex-wrap gap-3">
              <Button look="now" onClick={on}>
                <span className="mr-3 font-bold">Enter</span> on
              </Button>
              {at.step > 0 && <Button onClick={() => go(at.unit, at.step - 1)}>back</Button>}
            </div>
          </article>
        )}
        {isEnd && (
          <section aria-label="The end" className="flex flex-col gap-4">
            <h2 className="text-order font-bold">Now read ten yourself</h2>
            <p>Coarse first, then fine, then add. What you slip on is shown on the drawing.</p>
            <div className="flex flex-wrap gap-3">
              <Button look="now" onClick={on}>
                <span className="mr-3 font-bold">Enter</span> ten items
              </Button>
              <Button onClick={() => at && go(at.unit, 0)}>from the beginning</Button>
            </div>
          </section>
        )}
      </div>
    </Shell>
  );
}
