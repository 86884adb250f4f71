import { Printed } from './marks';
import { digitsOf } from './digits';
import { sumPm } from './scaleSum';
import { type FaceProps, SHEET_HEIGHT, sheetWidth } from './sheet';
import { useTurning } from './useTurning';

/** A gauge's display, its last place going by the resolution. Dragged up or down, the figure counts. */
export function Display({ sum, at, onTurn, lit, narrow }: FaceProps) {
  const width = sheetWidth(narrow);
  const hold = useTurning(sum, at.step, onTurn, {
    axis: 'y',
    extent: SHEET_HEIGHT,
    unitsPerStep: -2,
    notch: 1,
  });
  const left = narrow ? 20 : 150;
  return (
    <svg {...hold} viewBox={`0 0 ${width} ${SHEET_HEIGHT}`} aria-hidden="true" data-testid="face">
      <rect
        x={left}
        y="52"
        width={width - 2 * left}
        height="180"
        rx="10"
        className="fill-metal stroke-quiet"
        strokeWidth="1.5"
      />
      <rect
        x={left + 26}
        y="76"
        width={width - 2 * left - 52}
        height="132"
        className="fill-paper stroke-quiet"
        strokeWidth="1.5"
      />
      <Printed
        row="shown"
        x={width - left - 96}
        y={142}
        anchor="end"
        now={lit === 'shown'}
        size="text-[92px]"
      >
        {digitsOf(sumPm(sum, 0, at), sum.unit, sum.leastCountPm)}
      </Printed>
      <Printed row="unit" x={width - left - 84} y={170} anchor="start" size="text-[28px]">
        {sum.unit}
      </Printed>
    </svg>
  );
}
