import { Link } from 'react-router';
import type { Measuring } from './useMeasuring';

/** What is to be said of the plan here: that it went on without this, by which revision this is judged, what lies aside. */
export function UnderPlan({ measuring }: { measuring: Measuring }) {
  const { changed, underPlan, part } = measuring.sheet;
  if (!changed && underPlan.length === 0) {
    return null;
  }
  return (
    <div className="border-b-2 border-line bg-panel px-6 py-2">
      {changed && (
        <p className="flex flex-wrap items-center gap-4">
          {changed.sentence}
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
      {underPlan.map((said) => (
        <p key={said} className="text-label">
          {said}
        </p>
      ))}
    </div>
  );
}
