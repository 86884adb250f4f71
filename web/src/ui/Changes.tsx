import { useChanges } from '../api/queries';
import { momentSaid } from './days';

interface ChangesProps {
  /** job, gauge, master, settings, people */
  of: string;
  which?: number;
}

/** Who changed it last, and what; all changes behind it. Nothing where nothing was changed. */
export function Changes({ of, which }: ChangesProps) {
  const changes = useChanges(of, which).data ?? [];
  const [last] = changes;
  if (last === undefined) {
    return null;
  }
  return (
    <details className="text-label">
      <summary className="cursor-pointer py-2">
        <span className="font-semibold">
          {last.person ? `Changed by ${last.person}` : 'Changed, with nobody signed on'}
        </span>
        , {momentSaid(last.at)}: {last.sentence}
      </summary>
      <ul aria-label="Changes" className="max-h-96 overflow-y-auto border-l-2 border-line pl-3">
        {changes.map(({ id, at, person, sentence }) => (
          <li key={id} className="border-b border-line py-1">
            <span className="text-quiet">
              {momentSaid(at)}, {person ?? 'nobody signed on'}
            </span>{' '}
            <span className="block">{sentence}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}
