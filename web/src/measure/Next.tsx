import { Link } from 'react-router';
import { pathToJudgement, pathToNext } from '../api/client';
import { Button } from '../ui/Button';
import type { Measuring } from './useMeasuring';

interface NextProps {
  measuring: Measuring;
  /** An entry is open: keeping it comes before going anywhere. */
  isReading: boolean;
  onCut: () => void;
}

/** What follows once the place is settled: the cut, or the next place of the walk. */
export function Next({ measuring, isReading, onCut }: NextProps) {
  const { sheet, round, place, pathTo } = measuring;
  if (place.wants) {
    return null;
  }
  // The worst place decides what is cut, wherever one stands.
  if (round.verdict.cut) {
    return (
      <Button look={isReading ? 'plain' : 'now'} onClick={onCut}>
        <strong className="font-bold">Cut taken</strong>
        <span className="block text-label">opens the next round</span>
      </Button>
    );
  }
  const { next } = sheet;
  if (next && next.part === sheet.part.id && next.feature === sheet.feature.id) {
    return null;
  }
  // When nothing is left to do, what it all comes to.
  const to = next
    ? next.feature
      ? pathTo(next.part, next.feature)
      : pathToNext(next)
    : pathToJudgement(sheet.part.id);
  return (
    <Link
      to={to}
      className={`flex min-h-touch items-center gap-4 rounded-edge border-2 px-5 py-2 ${
        isReading ? 'border-line bg-panel' : 'border-now bg-now text-on-now'
      }`}
    >
      <span className="shrink-0 font-bold">Next</span>{' '}
      <span className="font-medium">{next?.sentence ?? `what ${sheet.part.name} comes to`}</span>
    </Link>
  );
}
