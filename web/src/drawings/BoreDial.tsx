import { useId } from 'react';
import { onRing, ringLines } from './dialRing';
import { ends, MetalDefs, Printed, Tick } from './marks';
import { partOf, partsAt } from './scaleSum';
import { type FaceProps, SHEET_HEIGHT, sheetWidth } from './sheet';
import { useTurning } from './useTurning';

/** Of a turn, between the small hand's zero and one full turn of the needle. */
const TURN_ON_COUNTER = 0.3;

/** What is printed at a graduation of a balanced face: from zero at the top it grows to both sides, up to the half turn. */
export const balancedFigure = (count: number, lines: number): string =>
  String(Math.min(count, lines - count));

/**
 * The needle of a comparator, its small hand counting turns, and which way a larger bore drives it. Dragged along, the
 * needle follows the hand.
 */
export function BoreDial({ sum, at: { step, sense }, onTurn, lit, narrow }: FaceProps) {
  const id = useId();
  const width = sheetWidth(narrow);
  const radius = 126;
  const [cx, cy] = [width / 2, SHEET_HEIGHT / 2];
  const { needle = 0 } = partsAt(sum, step);
  const lines = partOf(sum, 'needle').last + 1;
  const hold = useTurning(sum, step, onTurn, {
    axis: 'x',
    extent: width,
    unitsPerStep: (2 * Math.PI * radius) / (lines * partOf(sum, 'needle').steps),
    notch: partOf(sum, 'needle').steps,
  });
  const at = needle / lines;
  const [tipX, tipY] = onRing(cx, cy, radius * 0.93, at);
  const [tailX, tailY] = onRing(cx, cy, -radius * 0.2, at);
  const small = radius * 0.24;
  const counterY = cy + radius * 0.44;
  const [handX, handY] = onRing(cx, counterY, small * 0.86, at * TURN_ON_COUNTER);
  return (
    <svg {...hold} viewBox={`0 0 ${width} ${SHEET_HEIGHT}`} aria-hidden="true" data-testid="face">
      <MetalDefs id={id} />
      <circle
        cx={cx}
        cy={cy}
        r={radius + 11}
        fill={`url(#${id}round)`}
        className="stroke-quiet"
        strokeWidth="1.5"
      />
      <circle cx={cx} cy={cy} r={radius} className="fill-panel stroke-quiet" />
      {ringLines(cx, cy, radius, lines, (count) =>
        count % 10 === 0 ? balancedFigure(count, lines) : undefined,
      ).map((line) => (
        <g key={line.count}>
          <Tick row="dial" {...ends(line)} width={line.figure !== undefined ? 2.6 : 1.6} />
          {line.figure !== undefined && (
            <Printed row="dial" x={line.figureX} y={line.figureY} size="text-[22px]">
              {line.figure}
            </Printed>
          )}
        </g>
      ))}
      {/* Beside the face, where no needle lies over it. */}
      <Printed
        row="face"
        x={narrow ? 8 : cx - radius + 10}
        y={26}
        anchor={narrow ? 'start' : 'end'}
        quiet
        size="text-[15px]"
      >
        {sum.scale.leastCount.text} {sum.unit}
      </Printed>
      <Printed row="sign" x={cx + radius * 0.42} y={cy - radius * 0.12} quiet size="text-[26px]">
        +
      </Printed>
      <Printed row="sign" x={cx - radius * 0.42} y={cy - radius * 0.12} quiet size="text-[26px]">
        −
      </Printed>
      <circle cx={cx} cy={counterY} r={small} className="fill-panel stroke-line" />
      {[-1, 0, 1].map((turn) => {
        const [x1, y1] = onRing(cx, counterY, small, turn * TURN_ON_COUNTER);
        const [x2, y2] = onRing(cx, counterY, small * 0.72, turn * TURN_ON_COUNTER);
        return <Tick key={turn} row="turns" x1={x1} y1={y1} x2={x2} y2={y2} width={1.6} />;
      })}
      <Tick row="small-hand" x1={cx} y1={counterY} x2={handX} y2={handY} width={2} />
      <Tick
        row="needle"
        x1={tailX}
        y1={tailY}
        x2={tipX}
        y2={tipY}
        now={lit === 'needle'}
        width={3}
      />
      <circle cx={cx} cy={cy} r="8" className="fill-ink" />
      <Bigger cx={cx} cy={cy} radius={radius + 30} sense={sense} narrow={narrow} />
    </svg>
  );
}

interface BiggerProps {
  cx: number;
  cy: number;
  radius: number;
  sense: number;
  narrow: boolean;
}

/** Which way the needle goes as the bore grows. */
function Bigger({ cx, cy, radius, sense, narrow }: BiggerProps) {
  const [fromX, fromY] = onRing(cx, cy, radius, 0.16 * sense);
  const [toX, toY] = onRing(cx, cy, radius, 0.24 * sense);
  return (
    <g>
      <path
        d={`M${fromX} ${fromY} A${radius} ${radius} 0 0 ${sense > 0 ? 1 : 0} ${toX} ${toY}`}
        className="fill-none stroke-quiet"
        strokeWidth="2"
      />
      <path
        d={`M${toX - 6} ${toY - 8} L${toX} ${toY + 2} L${toX + 6} ${toY - 8}`}
        className="fill-none stroke-quiet"
        strokeWidth="2"
      />
      <Printed
        row="sense"
        x={toX + sense * (narrow ? 6 : 14)}
        y={toY + 22}
        anchor={sense > 0 ? 'start' : 'end'}
        quiet
        size={narrow ? 'text-[17px]' : 'text-[19px]'}
      >
        larger
      </Printed>
    </g>
  );
}
