import { counted } from '../ui/counted';
import { memo } from 'react';
import type { Place } from '../api/client';
import { standing } from '../api/keepReading';
import { VerdictMark } from '../drawings/VerdictMark';
import type { Measuring } from './useMeasuring';

/** The sheet of places, which fills as the walk goes: a section a row, an axis a column; a touch goes there. */
export function Places({
  round,
  place,
  goToPlace,
}: Pick<Measuring, 'round' | 'place' | 'goToPlace'>) {
  if (round.places.length < 2) {
    return null;
  }
  const sections = [...new Set(round.places.map(({ section }) => section))];
  const axes = [...new Set(round.places.map(({ axis }) => axis))];
  const taken = round.places.filter(({ wants }) => !wants).length;
  // Along one axis only, or around one section, a column would be empty words.
  const isGrid = axes.length > 1 && axes.length <= 4;
  const rows = isGrid
    ? sections.map((section) => ({
        name: section,
        cells: axes.map((axis) =>
          round.places.find((each) => each.section === section && each.axis === axis),
        ),
      }))
    : round.places.map((each) => ({ name: each.name, cells: [each] }));
  return (
    <section aria-label="Places">
      <div className="flex items-baseline justify-between">
        <h2 className="label">Places</h2>
        <span className="label">
          {taken} of {round.places.length}
        </span>
      </div>
      <table className="w-full border-collapse">
        <caption className="sr-only">What was found at each place of {round.name}</caption>
        {isGrid && (
          <thead>
            <tr>
              <td />
              {axes.map((axis) => (
                <th key={axis} scope="col" className="label px-1 text-left font-semibold">
                  {axis}
                </th>
              ))}
            </tr>
          </thead>
        )}
        <tbody>
          {rows.map(({ name, cells }) => (
            <tr key={name} className="border-b border-line">
              <th scope="row" className="py-1 pr-2 text-left text-label font-semibold">
                {name}
              </th>
              {cells.map((at, column) => (
                <td key={axes[column]} className="p-0">
                  {at && <Cell place={at} here={at.id === place.id} onPick={goToPlace} />}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

interface CellProps {
  place: Place;
  here: boolean;
  onPick: (place: number) => void;
}

const Cell = memo(function Cell({ place, here, onPick }: CellProps) {
  const read = standing(place.readings).length;
  const shown = place.value?.text ?? (place.skip ? 'passed over' : taken(read, place.asked));
  return (
    <button
      type="button"
      aria-current={here ? 'step' : undefined}
      aria-label={`${place.name}: ${place.verdict.word}${shown && `, ${shown}`}`}
      onClick={() => onPick(place.id)}
      className={`flex min-h-12 w-full items-center gap-1 border-b-4 px-1 text-left text-label ${
        here ? 'border-now bg-panel' : 'border-transparent hover:bg-panel'
      }`}
    >
      <VerdictMark verdict={place.verdict} size={16} />
      <span className="reading">{here && shown === '' ? 'here' : shown}</span>
    </button>
  );
});

/**
 * How far a place is; more than was asked for is no part of it.
 *
 * @example taken(2, 3) // '2 of 3'
 * @example taken(12, 3) // '12 readings'
 */
function taken(read: number, asked: number): string {
  if (read === 0) {
    return '';
  }
  return read <= asked ? `${read} of ${asked}` : counted(read, 'reading');
}
