import { useCountsAgainSeen } from '../api/acts';
import { Button } from './Button';

interface CountsAgainProps {
  part: number;
  /** Undefined where none do, and once somebody has seen it. */
  said: string | null | undefined;
}

/** Readings under earlier revisions count again, and the verdict may be another one: said until somebody has seen it. */
export function CountsAgain({ part, said }: CountsAgainProps) {
  const seen = useCountsAgainSeen();
  return (
    said && (
      <section
        aria-label="Counts again"
        className="flex flex-wrap items-center gap-x-4 gap-y-2 border-2 border-near bg-panel px-4 py-2 print:hidden"
      >
        <p className="min-w-0 grow basis-80">{said}</p>
        <Button small onClick={() => seen.mutate(part)} disabled={seen.isPending}>
          Seen
        </Button>
      </section>
    )
  );
}
