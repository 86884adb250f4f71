import { Link } from 'react-router';
import { useSaySame } from '../api/acts';
import { pathToJudgement, type SamePart, type WhichPart } from '../api/client';
import { newId } from '../api/newId';
import { Button } from './Button';
import { daySaid } from './days';

const called = ({ name, job, at }: SamePart): string => `${name} of “${job}”, ${daySaid(at)}`;

/** Whether a part is one that was measured in another job: its mark alone only asks. */
export function AskedWhich({ part, asked }: { part: number; asked: SamePart }) {
  const say = useSaySame();
  const send = (said: 'SAME' | 'OTHER') =>
    say.mutate({ id: newId(), part, other: asked.part, said, reason: '' });
  return (
    <section
      aria-label="Which part it is"
      className="flex flex-wrap items-center gap-x-4 gap-y-2 border-2 border-near bg-panel px-4 py-2 print:hidden"
    >
      <p className="min-w-0 grow basis-80">
        The same mark: is this {called(asked)}? If it is, the size that it was left at and its wear
        go on from there.
      </p>
      <span className="flex gap-3">
        <Button small onClick={() => send('SAME')} disabled={say.isPending}>
          It is the same
        </Button>
        <Button small onClick={() => send('OTHER')} disabled={say.isPending}>
          Another part
        </Button>
      </span>
      {say.error && (
        <p role="alert" className="basis-full font-semibold">
          {say.error.message}
        </p>
      )}
    </section>
  );
}

/** In which other jobs a part stands, and who says so. */
export function KnownAs({ part, which: { same, more } }: { part: number; which: WhichPart }) {
  const say = useSaySame();
  if (same.length + more === 0) {
    return null;
  }
  return (
    <section aria-label="The same part elsewhere">
      <h2 className="label">The same part elsewhere</h2>
      <ul>
        {same.map((each) => (
          <li key={each.part} className="border-b border-line py-2">
            <Link
              to={pathToJudgement(each.part)}
              className="underline decoration-line underline-offset-4"
            >
              {called(each)}
            </Link>
            {each.how === 'by-mark' && (
              <p className="text-label text-quiet">
                By its mark, not confirmed: no size is carried on.
              </p>
            )}
            <span className="mt-1 flex flex-wrap gap-3">
              {each.how === 'by-mark' && (
                <Button
                  small
                  disabled={say.isPending}
                  onClick={() =>
                    say.mutate({ id: newId(), part, other: each.part, said: 'SAME', reason: '' })
                  }
                >
                  It is the same
                </Button>
              )}
              <Button
                small
                disabled={say.isPending}
                onClick={() =>
                  say.mutate({
                    id: newId(),
                    part,
                    other: each.part,
                    said: each.how === 'by-mark' ? 'OTHER' : 'OPEN',
                    reason: '',
                  })
                }
              >
                {each.how === 'by-mark' ? 'Another part' : 'Take that back'}
              </Button>
            </span>
          </li>
        ))}
      </ul>
      {more > 0 && (
        <p className="text-label text-quiet">{more} more in other jobs bear the same mark.</p>
      )}
      {say.error && (
        <p role="alert" className="font-semibold">
          {say.error.message}
        </p>
      )}
    </section>
  );
}
