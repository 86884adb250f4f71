import { memo, useId } from 'react';
import { down, MetalDefs, Printed, TakenFor, Tick } from './marks';
import { partOf } from './scaleSum';
import { type FaceProps, SHEET_HEIGHT, sheetWidth } from './sheet';
import { useTurning } from './useTurning';

const RULE_TOP = 132;

/** The end of a part against a steel rule; the graduation nearest to it counts. Dragged along, the rule follows the hand. */
export function RuleFace({ sum, at: { step }, onTurn, lit, mark, narrow }: FaceProps) {
  const id = useId();
  const width = sheetWidth(narrow);
  const edge = narrow ? 340 : 600;
  const pitch = ruleFace(sum.scale.figureEvery, edge);
  const hold = useTurning(sum, step, onTurn, {
    axis: 'x',
    extent: width,
    unitsPerStep: -pitch,
    notch: 1,
  });
  const marks = marksInSight(step, edge, pitch, width, partOf(sum, 'mark').last);
  return (
    <svg {...hold} viewBox={`0 0 ${width} ${SHEET_HEIGHT}`} aria-hidden="true" data-testid="face">
      <MetalDefs id={id} />
      <rect
        x={edge - step * pitch}
        y="44"
        width={step * pitch}
        height={RULE_TOP - 44}
        fill={`url(#${id}round)`}
        className="stroke-ink"
        strokeWidth="2"
      />
      <rect
        x={edge - step * pitch}
        y={RULE_TOP}
        width={width + step * pitch}
        height="126"
        fill={`url(#${id}flat)`}
        className="stroke-quiet"
        strokeWidth="1.5"
      />
      <Tick row="edge" x1={edge} x2={edge} y1={30} y2={RULE_TOP} width={2} />
      <g transform={`translate(${edge - step * pitch} 0)`}>
        {marks.map((count) => (
          <Mark
            key={count}
            x={count * pitch}
            long={lengthOf(count, sum.unit)}
            figure={
              count % sum.scale.figureEvery === 0
                ? sum.scale.figures[count / sum.scale.figureEvery]
                : undefined
            }
            now={lit === 'mark' && count === step}
          />
        ))}
      </g>
      {mark?.taken && (
        <TakenFor
          x={edge + (mark.taken.count - step) * pitch}
          from={RULE_TOP}
          to={RULE_TOP + 126}
          words={RULE_TOP + 148}
        >
          {mark.taken.words}
        </TakenFor>
      )}
    </svg>
  );
}

/** From one graduation to the next: at least one figure is in sight left of the edge. */
const ruleFace = (figureEvery: number, edge: number): number =>
  Math.min(24, (edge - 20) / (figureEvery + 0.5));

interface MarkProps {
  x: number;
  long: number;
  figure: string | undefined;
  now: boolean;
}

const Mark = memo(function Mark({ x, long, figure, now }: MarkProps) {
  return (
    <g>
      <Tick
        row="mark"
        {...down(x, RULE_TOP, 76 * long)}
        now={now}
        width={figure === undefined ? 1.5 : 2.6}
      />
      {figure !== undefined && (
        <Printed row="mark" x={x} y={RULE_TOP + 100} now={now} size="text-[30px]">
          {figure}
        </Printed>
      )}
    </g>
  );
});

function marksInSight(step: number, edge: number, pitch: number, width: number, last: number) {
  const from = Math.max(0, Math.ceil(step - edge / pitch));
  const to = Math.min(last, Math.floor(step + (width - edge) / pitch));
  return Array.from({ length: to - from + 1 }, (_, i) => from + i);
}

/**
 * How long a graduation is: halves, quarters, eighths and so on grow shorter; on a metric rule centimetres, fives,
 * millimetres, halves.
 *
 * @example lengthOf(32, 'in') // 0.85, a half inch
 */
function lengthOf(count: number, unit: string): number {
  const lengths: [number, number][] =
    unit === 'in'
      ? [
          [64, 1],
          [32, 0.85],
          [16, 0.72],
          [8, 0.6],
          [4, 0.48],
          [2, 0.37],
        ]
      : [
          [20, 1],
          [10, 0.8],
          [2, 0.55],
        ];
  return lengths.find(([every]) => count % every === 0)?.[1] ?? 0.28;
}

/** Graduations on either side of the edge in the enlarged look. */
const LOOK_LINES = 8;

/** The graduations near the part's end, enlarged. */
export function ruleStrip(
  step: number,
  last: number,
  figureEvery: number,
  figures: string[],
  width: number,
) {
  const pitch = width / (2 * LOOK_LINES);
  const moving = marksInSight(step, width / 2, pitch, width, last)
    .map((count) => ({ count, x: width / 2 + (count - step) * pitch }))
    .filter(({ x }) => x > 1 && x < width - 1)
    .map(({ count, x }) => ({
      count,
      x,
      figure: count % figureEvery === 0 ? figures[count / figureEvery] : undefined,
    }));
  return { moving, fixed: [{ x: width / 2, count: 0, figure: undefined }] };
}
