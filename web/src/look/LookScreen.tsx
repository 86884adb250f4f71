import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { type LookItem, pathToNext } from '../api/client';
import { useKeepLook, useTick } from '../api/planning';
import { useLook } from '../api/queries';
import { Button } from '../ui/Button';
import { CautionCard } from '../ui/CautionCard';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';

/** What to take in and to look at before any gauge touches the part. */
export function LookScreen() {
  const part = Number(useParams()['part']);
  const look = useLook(part);
  const tick = useTick();
  if (look.data === undefined) {
    return (
      <Shell title="Look first">
        {look.error && <Notice title="No such part" words={look.error.message} back />}
        {look.failureCount > 0 && !look.error && <ServerAwayNotice />}
      </Shell>
    );
  }
  const { cautions, items, next, partName, job, jobName, lives } = look.data;
  const unseen = items.filter(({ found }) => !found).length;
  return (
    <Shell
      title={`Look at ${partName}`}
      lives={lives}
      head={
        <>
          <h1 className="text-body font-bold">{partName}: look first</h1>
          <span className="hidden text-quiet tablet:inline">{jobName}</span>
        </>
      }
    >
      <div className="mx-auto flex w-full max-w-4xl flex-col gap-5 p-4 tablet:p-6">
        {cautions.map((caution) => (
          <CautionCard
            key={caution.code}
            caution={caution}
            onTick={() => tick.mutate({ job, caution: caution.code })}
          />
        ))}
        <section aria-label="Looked at" className="flex flex-col gap-3">
          {items.length === 0 && <p>Nothing is to be looked at on this part.</p>}
          {items.map((item) => (
            <Item key={item.id} part={part} item={item} />
          ))}
        </section>
        {next?.feature ? (
          <Link
            to={pathToNext(next)}
            className={`flex min-h-touch items-center gap-4 rounded-edge border-2 px-5 py-2 ${
              unseen === 0 ? 'border-now bg-now text-on-now' : 'border-line bg-panel'
            }`}
          >
            <span className="font-bold">Next</span> {next.sentence}
          </Link>
        ) : (
          <Link
            to="/"
            className="flex min-h-touch items-center rounded-edge border-2 border-line bg-panel px-5"
          >
            Back to the bench
          </Link>
        )}
      </div>
    </Shell>
  );
}

const FOUND = [
  ['ok', 'ok'],
  ['not-ok', 'not ok'],
  ['not-seen', 'not seen'],
] as const;

/** One thing to look at: what was found, and a note on it. */
function Item({ part, item }: { part: number; item: LookItem }) {
  const keep = useKeepLook();
  const [note, setNote] = useState<string | undefined>();
  const written = note ?? item.note;
  const say = (found: string) =>
    keep.mutate(
      { part, feature: item.id, found, note: written },
      { onSuccess: () => setNote(undefined) },
    );
  return (
    <div role="group" aria-label={item.name} className="border-2 border-line bg-panel p-4">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h2 className="min-w-48 grow text-title">
          {item.name}
          {item.decisive && (
            <span className="label block">“not ok” alone decides against the part</span>
          )}
        </h2>
        {FOUND.map(([code, word]) => (
          <Button
            key={code}
            aria-pressed={item.found === code}
            onClick={() => say(code)}
            className={item.found === code ? 'border-ink bg-paper font-bold' : ''}
          >
            {item.found === code && <span aria-hidden="true">✓ </span>}
            {word}
          </Button>
        ))}
      </div>
      {item.found && (
        <div className="mt-3 flex flex-wrap items-center gap-3">
          <input
            aria-label={`Note on ${item.name}`}
            placeholder="a note: where, how deep"
            value={written}
            onChange={(event) => setNote(event.target.value)}
            onBlur={() => note !== undefined && note !== item.note && say(item.found ?? 'ok')}
            onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
            className="min-h-11 min-w-48 grow rounded-edge border-2 border-line bg-paper px-3 placeholder:text-quiet"
          />
          <span className="label">{item.person} looked</span>
        </div>
      )}
      {keep.error && (
        <p role="alert" className="mt-2 font-semibold">
          {keep.error.message}
        </p>
      )}
    </div>
  );
}
