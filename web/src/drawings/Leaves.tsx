import { useId } from 'react';
import { MetalDefs, Printed, Tick } from './marks';
import { digitsOf } from './digits';
import { isTaken } from './scaleSum';
import { type FaceProps, SHEET_HEIGHT, sheetWidth } from './sheet';

const BLADE = 18;
/** The leaves in the gap are drawn far thicker than they are, all by the same factor: together they fill this height. */
const GAP_HEIGHT = 190;
const THICKEST_DRAWN = 70;
const LEGIBLE = 14;
const GAP_MIDDLE = SHEET_HEIGHT / 2;

/** A set of feeler leaves; those taken stand out, and lie together in the gap on the right. A touch takes a leaf or puts it back. */
export function Leaves({ sum, at: { step }, onTurn, lit, narrow }: FaceProps) {
  const id = useId();
  const width = sheetWidth(narrow);
  const perRow = Math.ceil(sum.parts.length / 2);
  const row = (SHEET_HEIGHT - 20) / perRow;
  const column = narrow ? 150 : 250;
  const taken = sum.parts.filter((_, i) => isTaken(step, i)).map(({ divisionPm }) => divisionPm);
  const perPm = Math.min(
    GAP_HEIGHT / taken.reduce((all, pm) => all + pm, 0),
    THICKEST_DRAWN / Math.max(0, ...taken),
  );
  const drawn = sum.parts.map((part, i) => ({
    ...part,
    i,
    taken: isTaken(step, i),
    x: 12 + Math.floor(i / perRow) * column,
    y: 10 + (i % perRow) * row,
    text: digitsOf(part.divisionPm, sum.unit, part.divisionPm),
    thick: part.divisionPm * perPm,
  }));
  const takenLeaves = drawn.filter(({ taken }) => taken);
  const height = takenLeaves.reduce((all, { thick }) => all + thick, 0);
  const gapX = 2 * column + (narrow ? 30 : 70);
  const top = GAP_MIDDLE - height / 2;
  const together = takenLeaves.map((leaf, i) => ({
    ...leaf,
    y: takenLeaves.slice(0, i).reduce((all, { thick }) => all + thick, top),
  }));
  return (
    <svg
      viewBox={`0 0 ${width} ${SHEET_HEIGHT}`}
      className="block w-full select-none"
      aria-hidden="true"
      data-testid="face"
    >
      <MetalDefs id={id} />
      {drawn.map(({ i, name, taken, x, y, text }) => (
        <g
          key={name}
          data-leaf={name}
          data-taken={taken}
          onClick={() => onTurn?.(taken ? step - 2 ** i : step + 2 ** i)}
          className={onTurn ? 'cursor-pointer' : ''}
        >
          <rect
            x={x + (taken ? 22 : 0)}
            y={y}
            width={column - 60}
            height={BLADE}
            rx="9"
            fill={`url(#${id}flat)`}
            className={taken ? (lit === name ? 'stroke-now' : 'stroke-ink') : 'stroke-line'}
            strokeWidth={taken ? 2.6 : 1.5}
          />
          <Printed
            row="leaf"
            x={x + (taken ? 34 : 12)}
            y={y + BLADE / 2}
            anchor="start"
            quiet={!taken}
            size="text-[16px]"
          >
            {text}
          </Printed>
        </g>
      ))}
      <rect x={gapX} y={0} width={width - gapX} height={top} fill={`url(#${id}flat)`} />
      <rect
        x={gapX}
        y={GAP_MIDDLE + height / 2}
        width={width - gapX}
        height={SHEET_HEIGHT}
        fill={`url(#${id}flat)`}
      />
      <Tick row="gap" x1={gapX} x2={width} y1={top} y2={top} width={2} />
      <Tick
        row="gap"
        x1={gapX}
        x2={width}
        y1={GAP_MIDDLE + height / 2}
        y2={GAP_MIDDLE + height / 2}
        width={2}
      />
      {together.map(({ name, thick, text, y }) => (
        <g key={name}>
          <rect
            x={gapX - 16}
            y={y}
            width={width - gapX - 30}
            height={thick}
            className={`fill-metal-dark ${lit === name ? 'stroke-now' : 'stroke-ink'}`}
            strokeWidth="1"
          />
          {thick >= LEGIBLE && (
            <Printed row="taken" x={width - 56} y={y + thick / 2} anchor="end" size="text-[15px]">
              {text}
            </Printed>
          )}
        </g>
      ))}
    </svg>
  );
}
