import { useUndoMove } from '../api/acts';
import { newId } from '../api/newId';
import { Button } from '../ui/Button';
import { Key } from '../ui/Key';
import { useRemembered } from '../ui/remembered';

/** What was moved last on this device. */
interface LastMove {
  move: string;
  /** The part that it went to. */
  part: number;
  said: string;
}

/** What was moved last, and how to note it; undefined is forgotten. */
export function useMovedLast(): [LastMove | undefined, (move: LastMove | undefined) => void] {
  const [written, write] = useRemembered('moved', '');
  return [
    written === '' ? undefined : (JSON.parse(written) as LastMove),
    (move) => write(move === undefined ? '' : JSON.stringify(move)),
  ];
}

/** Puts it back; the same key does. */
export function useMoved() {
  const [last, note] = useMovedLast();
  const undo = useUndoMove();
  return {
    last,
    failure: undo.error,
    forget: () => note(undefined),
    undo: () => {
      if (last && !undo.isPending) {
        undo.mutate(
          { id: newId(), part: last.part, move: last.move },
          { onSuccess: () => note(undefined) },
        );
      }
    },
  };
}

interface MovedProps {
  moved: ReturnType<typeof useMoved>;
  /** The key that puts it back; empty where letters are off. */
  takes: string;
}

/** Readings were moved: said until the next thing is done, with the way back. */
export function Moved({ moved: { last, failure, undo, forget }, takes }: MovedProps) {
  return (
    last && (
      <section
        aria-label="Moved"
        className="flex flex-wrap items-center gap-x-4 gap-y-2 border-2 border-now bg-panel px-4 py-2"
      >
        <p className="min-w-0 grow basis-60 font-medium">{last.said}</p>
        <Button small onClick={undo}>
          {takes !== '' && <Key>{takes.toUpperCase()}</Key>} Put them back
        </Button>
        <Button small onClick={forget}>
          Good
        </Button>
        {failure && (
          <p role="alert" className="basis-full font-semibold">
            {failure.message}
          </p>
        )}
      </section>
    )
  );
}
