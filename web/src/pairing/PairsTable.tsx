import type { Schemas } from '../api/client';
import { toneOf, VerdictMark } from '../drawings/VerdictMark';

/** Each pair with its clearance, U, and how it stands to the window. */
export function PairsTable({ pairs }: { pairs: Schemas['PairView'][] }) {
  return (
    <ul aria-label="Pairs" className="border-t-2 border-line">
      {pairs.map((pair) => (
        <li
          key={pair.inside}
          className="flex flex-wrap items-baseline gap-x-6 gap-y-1 border-b border-line py-2"
        >
          <span className="min-w-56 font-semibold">
            {pair.insideName} with {pair.outsideName}
          </span>
          <span className="reading text-title">
            {pair.clearance.text} ± {pair.expanded.text} {pair.clearance.unit}
          </span>
          <span className={`flex items-center gap-2 ${toneOf(pair.mark)}`}>
            <VerdictMark verdict={pair} size={24} />
            {pair.word}
          </span>
          <span className="w-full text-label text-quiet">
            tightest {pair.smallest.text} ± {pair.smallestExpanded.text}, loosest{' '}
            {pair.largest.text} ± {pair.largestExpanded.text} {pair.clearance.unit} · on the mean{' '}
            {pair.clearance.other}
          </span>
          {pair.binds && (
            <span className="w-full border-l-4 border-near pl-3 font-semibold">{pair.binds}</span>
          )}
        </li>
      ))}
    </ul>
  );
}
