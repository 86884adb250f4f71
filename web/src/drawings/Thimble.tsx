import { memo, useId } from 'react';
import { ends, MetalDefs, PointedAt, Printed, TakenFor, Tick } from './marks';
import type { ScaleSum } from './scaleSum';
import { type FaceProps, SHEET_HEIGHT, sheetWidth } from './sheet';
import {
  counted,
  headOf,
  type HeadFace,
  type SleeveLine,
  sleeveRow,
  thimbleLines,
  type TurnedLine,
  turningOf,
  vernierLines,
} from './thimbleLines';
import { useTurning } from './useTurning';

/**
 * A head's sleeve and thimble as they look at a setting, the index line level with the eye. The view travels with the
 * thimble's edge. Dragged up or down, or by the wheel, it turns as the real one does: the near side follows the hand.
 */
export function Thimble({ sum, at: { step }, onTurn, lit, mark, narrow }: FaceProps) {
  const id = useId();
  const face = faceOf(sum, narrow);
  const width = sheetWidth(narrow);
  const hold = useTurning(sum, step, onTurn, {
    axis: 'y',
    extent: SHEET_HEIGHT,
    ...turningOf(sum, face),
  });
  const counts = counted(sum, step);
  const { up, lines, isBoth } = headOf(sum);
  const top = face.index - face.thimbleRadius;
  const body = face.edge + face.bevel;
  const figuresX = body + 14;
  const knurl = body + (isBoth ? 150 : narrow ? 66 : 96);
  const onSleeve = sleeveRow(sum, step, face);
  const marked = mark?.count ?? counts.sleeve;
  const covered = up < 0 && lit === 'sleeve' ? marked : undefined;
  const fine = lines > 50 ? 0.6 : 1;
  const onThimble = thimbleLines(sum, step, face);
  const isNow = ({ count }: TurnedLine) =>
    (lit === 'thimble' && count === counts.thimble) ||
    (lit === 'vernier' && count === counts.meets);
  return (
    <svg {...hold} viewBox={`0 0 ${width} ${SHEET_HEIGHT}`} aria-hidden="true" data-testid="face">
      <MetalDefs id={id} />
      <rect
        x="-2"
        y={face.index - face.sleeveRadius}
        width={face.edge + 2}
        height={2 * face.sleeveRadius}
        fill={`url(#${id}round)`}
        className="stroke-quiet"
        strokeWidth="1.5"
      />
      <Tick row="index" x1={0} x2={face.edge} y1={face.index} y2={face.index} width={2.5} />
      {vernierLines(sum, face, face.edge - VERNIER_LENGTH, narrow ? 13 : 8.5).map((line) => {
        const now = lit === 'vernier' && line.count === counts.vernier;
        return (
          <g key={line.count}>
            <Tick row="vernier" {...ends(line)} now={now} width={1.8 * line.breadth ** 0.5} />
            {line.figure !== undefined && (
              <Printed
                row="vernier"
                x={line.x1 - 6}
                y={line.figureY}
                anchor="end"
                breadth={line.breadth}
                now={now}
                size={narrow ? 'text-[19px]' : 'text-[13px]'}
              >
                {line.figure}
              </Printed>
            )}
          </g>
        );
      })}
      <g transform={`translate(${onSleeve.shift} 0)`}>
        {onSleeve.lines.map((line) => (
          <SleeveMark key={line.count} {...line} now={lit === 'sleeve' && line.count === marked} />
        ))}
      </g>

      {lit === 'sleeve' && up > 0 && (onTurn ?? mark) && (
        <PointedAt
          x={onSleeve.shift + marked * face.pitch}
          // Past the figure that stands under the line it is printed at.
          from={face.index + (marked % sum.scale.figureEvery === 0 ? 84 : face.sleeveRadius * 0.44)}
          to={SHEET_HEIGHT - 20}
        >
          {mark?.words ?? 'last line passed'}
        </PointedAt>
      )}
      <path
        d={`M${face.edge} ${face.index - face.sleeveRadius} L${body} ${top} H${width + 2} V${face.index + face.thimbleRadius} H${body} L${face.edge} ${face.index + face.sleeveRadius} Z`}
        fill={`url(#${id}round)`}
        className="stroke-quiet"
        strokeWidth="1.5"
      />
      <path d={`M${body} ${top} V${face.index + face.thimbleRadius}`} className="stroke-line" />
      <rect
        x={knurl}
        y={top}
        width={Math.max(0, width - knurl)}
        height={2 * face.thimbleRadius}
        fill={`url(#${id}knurl)`}
      />
      {onThimble.map((line) => (
        // By its place in sight: at each whole line of a turn the next line stands where the last one stood.
        <Tick
          key={line.slot}
          row="thimble"
          {...ends(line)}
          now={isNow(line)}
          width={(line.figure === undefined ? 1.9 * fine : 2.6) * line.breadth ** 0.5}
        />
      ))}
      {onThimble.map(
        (line) =>
          line.figure !== undefined && (
            <Printed
              key={line.count}
              row="thimble"
              x={figuresX}
              y={line.figureY}
              anchor="start"
              breadth={line.breadth}
              now={isNow(line)}
              size="text-[26px]"
            >
              {line.figure}
            </Printed>
          ),
      )}
      {onThimble.map(
        (line) =>
          line.otherFigure !== undefined && (
            <Printed
              key={line.count}
              row="thimble-other"
              x={figuresX + 76}
              y={line.figureY}
              anchor="start"
              breadth={line.breadth}
              quiet
              size="text-[19px]"
            >
              {line.otherFigure}
            </Printed>
          ),
      )}
      <g transform={`translate(${onSleeve.shift} 0)`}>
        {covered !== undefined && (onTurn ?? mark) && (
          <PointedAt x={-covered * face.pitch} from={face.index} to={SHEET_HEIGHT - 20}>
            {mark?.words ?? 'last line covered'}
          </PointedAt>
        )}
        {onSleeve.lines
          .filter(({ count }) => count === covered)
          .map((line) => (
            // The line that counts is under the thimble: shown through it, while it is asked for.
            <Tick key="covered" row="covered" {...ends(line)} now dashed width={2.5} />
          ))}
      </g>
      {/* Over the thimble: the line that was taken may lie under it. */}
      {mark?.taken && (
        <TakenFor
          x={onSleeve.shift + Math.sign(up) * mark.taken.count * face.pitch}
          from={face.index - face.sleeveRadius}
          to={face.index + face.sleeveRadius}
          words={18}
        >
          {mark.taken.words}
        </TakenFor>
      )}
    </svg>
  );
}

const SleeveMark = memo(function SleeveMark(props: SleeveLine & { now: boolean }) {
  const { figure, otherFigure, now, x1, figureY, otherFigureY } = props;
  return (
    <g>
      <Tick row="sleeve" {...ends(props)} now={now} width={figure === undefined ? 2.2 : 3} />
      {figure !== undefined && (
        <Printed row="sleeve" x={x1} y={figureY} now={now} size="text-[26px]">
          {figure}
        </Printed>
      )}
      {otherFigure !== undefined && (
        <Printed row="sleeve-other" x={x1} y={otherFigureY} quiet size="text-[19px]">
          {otherFigure}
        </Printed>
      )}
    </g>
  );
});

const VERNIER_LENGTH = 92;
const MOST_PITCH = 58;

function faceOf(sum: ScaleSum, narrow: boolean): HeadFace {
  const edge = narrow ? 318 : 600;
  return {
    edge,
    index: SHEET_HEIGHT / 2,
    // At least one printed figure of the sleeve is always in sight.
    pitch: Math.min(MOST_PITCH, (edge - 24) / (sum.scale.figureEvery + 0.4)),
    sleeveRadius: 94,
    bevel: narrow ? 58 : 74,
    thimbleRadius: 132,
  };
}
