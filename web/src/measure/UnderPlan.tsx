import { Link } from 'react-router';
import { useMarkCut } from '../api/acts';
import { newId } from '../api/newId';
import { Button } from '../ui/Button';
import { tied } from '../ui/tied';
import type { Measuring } from './useMeasuring';

/** What is to be said of the plan here: that it went on without this, by which revision this is judged, what lies aside, and which cut was none. */
export function UnderPlan({ measuring }: { measuring: Measuring }) {
  const { changed, underPlan, takenBack, part } = measuring.sheet;
  const mark = useMarkCut();
  if (!changed && underPlan.length + takenBack.length === 0) {
    return null;
  }
  return (
    <div className="border-b-2 border-line bg-panel px-6 py-2">
      {changed && (
        <p className="flex flex-wrap items-center gap-4">
          {tied(changed.sentence)}
          {changed.feature && (
            <Link
              to={measuring.pathTo(part.id, changed.feature)}
              className="font-semibold underline underline-offset-4"
            >
              Go to what it says now
            </Link>
          )}
        </p>
      )}
      {takenBack.map(({ cut, sentence }) => (
        <p key={cut} className="flex flex-wrap items-center gap-x-4 text-label">
          {tied(sentence)}
          <Button
            small
            disabled={mark.isPending}
            onClick={() => mark.mutate({ id: newId(), cut, kind: 'TAKEN', reason: '' })}
          >
            It was taken after all
          </Button>
        </p>
      ))}
      {mark.error && (
        <p role="alert" className="font-semibold">
          {mark.error.message}
        </p>
      )}
      {underPlan.map((said) => (
        <p key={said} className="text-label">
          {said}
        </p>
      ))}
    </div>
  );
}
