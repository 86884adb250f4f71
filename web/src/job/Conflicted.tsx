import { Button } from '../ui/Button';
import type { Planning } from './usePlanning';

/** Somebody else changed the same feature: theirs is in the list, mine is here, and a person chooses. */
export function Conflicted({ planning }: { planning: Planning }) {
  const { conflict } = planning;
  if (conflict === undefined) {
    return null;
  }
  return (
    <section aria-label="Changed meanwhile" className="border-2 border-ink bg-panel p-4">
      <p role="alert" className="font-semibold">
        {conflict.sentence}
      </p>
      <p className="mt-1">
        Yours: {conflict.mine.name}, {conflict.mine.limits || 'no limits'}
      </p>
      <div className="mt-3 flex gap-3">
        <Button small look="now" onClick={planning.keepMine}>
          Keep mine
        </Button>
        <Button small onClick={planning.takeTheirs}>
          Take theirs
        </Button>
      </div>
    </section>
  );
}
