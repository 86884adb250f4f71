import type { Problem } from '../api/client';
import { Button } from '../ui/Button';

interface UntilEndedProps {
  none: string;
  all: readonly {
    id: number;
    name: string;
    says: string;
    /** What ending it is called, for whoever hears it. */
    end: string;
  }[];
  isEnding: boolean;
  failure: Error | Problem | null;
  onEnd: (id: number) => void;
}

/** What lets somebody in until it ends, each with a way to end it now. */
export function UntilEnded({ none, all, isEnding, failure, onEnd }: UntilEndedProps) {
  return (
    <>
      {all.length === 0 && <p className="mt-2 text-quiet">{none}</p>}
      <ul className="mt-2 max-h-96 overflow-y-auto">
        {all.map(({ id, name, says, end }) => (
          <li
            key={id}
            className="flex min-h-11 flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-1"
          >
            <span className="font-semibold">{name}</span>
            <span className="grow">{says}</span>
            <Button small aria-label={end} disabled={isEnding} onClick={() => onEnd(id)}>
              End it
            </Button>
          </li>
        ))}
      </ul>
      {failure && (
        <p role="alert" className="font-semibold">
          {failure.message}
        </p>
      )}
    </>
  );
}
