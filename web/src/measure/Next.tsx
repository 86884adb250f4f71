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
  const elsewhere = next && (next.part !== sheet.part.id || next.feature !== sheet.feature.id);
  if (!elsewhere) {
    return next ? null : <Through measuring={measuring} isReading={isReading} />;
  }
  return (
    <Link
      to={next.feature ? pathTo(next.part, next.feature) : pathToNext(next)}
      className={`flex min-h-touch items-center gap-4 rounded-edge border-2 px-5 py-2 ${
        isReading ? 'border-line bg-panel' : 'border-now bg-now text-on-now'
      }`}
    >
      <span className="font-bold">Next</span> <span className="font-medium">{next.sentence}</span>
    </Link>
  );
}

/** Nothing is left to do: what it all comes to. */
function Through({ measuring: { sheet }, isReading }: Pick<NextProps, 'measuring' | 'isReading'>) {
  return (
    <Link
      to={pathToJudgement(sheet.part.id)}
      className={`flex min-h-touch items-center gap-4 rounded-edge border-2 px-5 py-2 ${
        isReading ? 'border-line bg-panel' : 'border-now bg-now text-on-now'
      }`}
    >
      <span className="font-bold">Next</span>{' '}
      <span className="font-medium">what {sheet.part.name} comes to</span>
    </Link>
  );
}

/** Whether a further reading is what is wanted here, rather than a cut or the next place. */
export const wantsReading = ({ place }: Measuring): boolean => place.wants;
