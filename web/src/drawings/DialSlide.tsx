import { memo, useId } from 'react';
import { onRing, ringLines } from './dialRing';
import { down, ends, MetalDefs, PointedAt, Printed, TakenFor, Tick } from './marks';
import { partOf, partsAt } from './scaleSum';
import { type FaceProps, SHEET_HEIGHT, sheetWidth } from './sheet';
import { beamRow } from './slideLines';
import { useTurning } from './useTurning';
import { InchPassed, isWhole } from './VernierSlide';

const BEAM_TOP = 78;
const BEAM_BOTTOM = 206;

/** A slide's beam up to the slide's edge, and the dial that splits its lines. Dragged along, the beam follows the hand. */
export function DialSlide({ sum, at: { step }, onTurn, lit, mark, narrow }: FaceProps) {
  const id = useId();
  const width = sheetWidth(narrow);
  const edge = narrow ? 250 : 500;
  const radius = narrow ? 116 : 128;
  const [cx, cy] = [edge + radius + (narrow ? 14 : 60), SHEET_HEIGHT / 2];
  const { figureEvery } = sum.scale;
  const pitch = Math.min(64, (edge - 30) / (figureEvery + 0.5));
  const { beam = 0, dial = 0 } = partsAt(sum, step);
  const graduations = partOf(sum, 'dial').last + 1;
  const hold = useTurning(sum, step, onTurn, {
    axis: 'x',
    extent: width,
    unitsPerStep: -pitch / partOf(sum, 'beam').steps,
    notch: partOf(sum, 'dial').steps,
  });
  const lines = beamRow(sum, 'beam', step, { zero: edge, pitch, width: edge + pitch });
  const [tipX, tipY] = onRing(cx, cy, radius * 0.93, dial / graduations);
  const [tailX, tailY] = onRing(cx, cy, -radius * 0.2, dial / graduations);
  const passed = Math.floor(dial);
  return (
    <svg {...hold} viewBox={`0 0 ${width} ${SHEET_HEIGHT}`} aria-hidden="true" data-testid="face">
      <MetalDefs id={id} />
      <rect
        x="-2"
        y={BEAM_TOP}
        width={width + 4}
        height={BEAM_BOTTOM - BEAM_TOP}
        fill={`url(#${id}flat)`}
        className="stroke-quiet"
        strokeWidth="1.5"
      />
      {/* Lines under the slide are drawn too, and hidden by it, as on the real one. */}
      <g transform={`translate(${lines.shift} 0)`}>
        {lines.lines.map(({ count, x, figure, middle }) => (
          <BeamLine
            key={count}
            x={x}
            figure={figure}
            middle={middle}
            whole={isWhole(sum, count)}
            now={lit === 'beam' && count === (mark?.count ?? beam)}
          />
        ))}
      </g>
      {lit === 'beam' && (onTurn ?? mark) && (
        <PointedAt
          x={lines.shift + (mark?.count ?? beam) * pitch}
          from={BEAM_BOTTOM}
          to={BEAM_BOTTOM + 44}
        >
          {mark?.words ?? 'last line passed'}
        </PointedAt>
      )}
      <rect
        x={edge}
        y={BEAM_TOP - 26}
        width={width - edge + 4}
        height={BEAM_BOTTOM - BEAM_TOP + 52}
        fill={`url(#${id}round)`}
        className="stroke-quiet"
        strokeWidth="1.5"
      />
      <Tick row="edge" {...down(edge, BEAM_TOP - 26, BEAM_BOTTOM - BEAM_TOP + 52)} width={2} />
      <InchPassed
        sum={sum}
        coarse="beam"
        step={step}
        face={{ zero: edge, pitch, width: edge }}
        y={BEAM_BOTTOM + 26}
      />
      <circle
        cx={cx}
        cy={cy}
        r={radius + 9}
        fill={`url(#${id}round)`}
        className="stroke-quiet"
        strokeWidth="1.5"
      />
      <circle cx={cx} cy={cy} r={radius} className="fill-panel stroke-quiet" />
      {ringLines(cx, cy, radius, graduations, (count) =>
        count % (graduations / 10) === 0 ? String(count) : undefined,
      ).map((line) => {
        const now = lit === 'dial' && line.count === passed;
        return (
          <g key={line.count}>
            <Tick
              row="dial"
              {...ends(line)}
              now={now}
              width={line.figure !== undefined ? 2.6 : graduations > 100 ? 1 : 1.6}
            />
            {line.figure !== undefined && (
              <Printed row="dial" x={line.figureX} y={line.figureY} now={now} size="text-[21px]">
                {line.figure}
              </Printed>
            )}
          </g>
        );
      })}
      {/* Beside the face, where no needle lies over it. */}
      <Printed
        row="face"
        x={edge + (narrow ? 46 : 58)}
        y={BEAM_TOP - 34}
        anchor="end"
        quiet
        size="text-[15px]"
      >
        {sum.scale.leastCount.text} {sum.unit}
      </Printed>
      <Tick row="needle" x1={tailX} y1={tailY} x2={tipX} y2={tipY} now={lit === 'dial'} width={3} />
      <circle cx={cx} cy={cy} r="8" className="fill-ink" />
      {/* Over the slide: the line that was taken may lie under it. */}
      {mark?.taken && (
        <TakenFor
          x={lines.shift + mark.taken.count * pitch}
          from={BEAM_TOP}
          to={BEAM_BOTTOM}
          words={20}
        >
          {mark.taken.words}
        </TakenFor>
      )}
    </svg>
  );
}

interface BeamLineProps {
  x: number;
  figure: string | undefined;
  middle: boolean;
  whole: boolean;
  now: boolean;
}

const BeamLine = memo(function BeamLine({ x, figure, middle, whole, now }: BeamLineProps) {
  const long = figure === undefined ? (middle ? 44 : 32) : 56;
  return (
    <g>
      <Tick
        row="beam"
        {...down(x, BEAM_BOTTOM, -long)}
        now={now}
        width={figure === undefined ? 2 : 2.8}
      />
      {figure !== undefined && (
        <Printed
          row="beam"
          x={x}
          y={BEAM_BOTTOM - 80}
          now={now}
          size={whole ? 'text-[36px]' : 'text-[26px]'}
        >
          {figure}
        </Printed>
      )}
    </g>
  );
});
