import type { Schemas } from '../api/client';
import { toneOf, VerdictMark } from '../drawings/VerdictMark';

/** Each pair with its clearance, U, and how it stands to the window. */
export function PairsTable({ pairs }: { pairs: Schemas['PairView'][] }) {
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-left" aria-label="Pairs">
        <thead>
          <tr className="label border-b-2 border-line">
            <th className="py-1 pr-4 font-normal">Inside</th>
            <th className="pr-4 font-normal">Outside</th>
            <th className="pr-4 text-right font-normal">Clearance</th>
            <th className="pr-4 text-right font-normal">from … to</th>
            <th className="font-normal">Window</th>
          </tr>
        </thead>
        <tbody>
          {pairs.map((pair) => (
            <tr key={pair.inside} className="border-b border-line align-top">
              <td className="py-2 pr-4 font-semibold">{pair.insideName}</td>
              <td className="py-2 pr-4 font-semibold">{pair.outsideName}</td>
              <td className="reading py-2 pr-4 text-right text-title whitespace-nowrap">
                {pair.clearance.text} ± {pair.expanded.text} {pair.clearance.unit}
                <span className="block text-label text-quiet">{pair.clearance.other}</span>
              </td>
              <td className="reading py-2 pr-4 text-right whitespace-nowrap">
                {pair.smallest.text} … {pair.largest.text}
              </td>
              <td className="py-2">
                <span className={`flex items-center gap-2 ${toneOf(pair.mark)}`}>
                  <VerdictMark verdict={pair} size={24} />
                  {pair.word}
                </span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
