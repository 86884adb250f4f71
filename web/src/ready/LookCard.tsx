import { useState } from 'react';
import type { LookItem } from '../api/client';
import { useKeepLook } from '../api/planning';
import { useLook } from '../api/queries';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';

interface LookCardProps {
  part: number;
  /** All was looked at: it can still be put right, and does not ask for anything. */
  quiet?: boolean;
}

/** What is looked at before any gauge touches the part. */
export function LookCard({ part, quiet = false }: LookCardProps) {
  const look = useLook(part).data;
  const items = look?.items ?? [];
  if (items.length === 0) {
    return null;
  }
  return (
    <section aria-label="Looked at" className="flex flex-col gap-3">
      {quiet && <h3 className="border-b-2 border-line text-body">Looked at</h3>}
      {items.map((item) => (
        <Item key={item.id} part={part} item={item} gauges={look?.threadGauges ?? []} />
      ))}
    </section>
  );
}

const FOUND = [
  ['ok', 'ok'],
  ['not-ok', 'not ok'],
  ['not-seen', 'not seen'],
] as const;

interface ItemProps {
  part: number;
  item: LookItem;
  /** That a thread may be tried with. */
  gauges: { id: number; number: string }[];
}

/** One thing to look at, or to try with a thread gauge: what was found, and a note on it. */
function Item({ part, item, gauges }: ItemProps) {
  const keep = useKeepLook();
  const [note, setNote] = useState<string | undefined>();
  const written = note ?? item.note;
  const [picked, setPicked] = useState<number | 'none'>();
  const gauge = picked === 'none' ? undefined : (picked ?? item.gauge);
  const say = (found: string, by = gauge) =>
    keep.mutate(
      { part, feature: item.id, found, note: written, ...(by && { gauge: by }) },
      // What was typed meanwhile is not yet kept, and stays.
      { onSuccess: () => setNote((now) => (now === note ? undefined : now)) },
    );
  return (
    <div role="group" aria-label={item.name} className="border-2 border-line bg-paper p-4">
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
      {gauges.length > 0 && (
        <div className="mt-3">
          <Choice
            label="Tried with"
            value={gauge ? String(gauge) : ''}
            choices={{
              '': 'looked at',
              ...Object.fromEntries(gauges.map(({ id, number }) => [String(id), number])),
            }}
            onChoose={(id) => {
              setPicked(id === '' ? 'none' : Number(id));
              // What was found stands already: what it was tried with is kept beside it at once.
              if (item.found) {
                say(item.found, Number(id));
              }
            }}
            remark={
              gauge
                ? 'ok: the go end goes through, and the no-go end no farther than two turns.'
                : ''
            }
          />
        </div>
      )}
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
