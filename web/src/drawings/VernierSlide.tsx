import { memo, useId } from 'react';
import { down, MetalDefs, Printed, TakenFor, Tick } from './marks';
import { partOf, partsAt, type ScaleSum } from './scaleSum';
import { type FaceProps, SHEET_HEIGHT, sheetWidth } from './sheet';
import { beamRow, type SlideFace, vernierRow } from './slideLines';
import { useTurning } from './useTurning';

/** The line between beam and vernier, where lines meet. */
const MEETING = 150;
const BEAM_TOP = 34;
const PLATE_BOTTOM = 250;

/** A slide's beam and vernier as they look at a setting. Dragged along, the beam follows the hand. */
export function VernierSlide({ sum, at: { step }, onTurn, lit, mark, narrow }: FaceProps) {
  const id = useId();
  const face = faceOf(sum, narrow);
  const { main = 0, line = 0 } = partsAt(sum, step);
  const hold = useTurning(sum, step, onTurn, {
    axis: 'x',
    extent: face.width,
    unitsPerStep: -face.pitch / partOf(sum, 'main').steps,
    notch: 1,
  });
  const edge = face.zero - sum.scale.edge * face.pitch;
  const meets = main + line;
  const beam = beamRow(sum, 'main', step, face);
  const apart = face.pitch * sum.scale.figureEvery;
  return (
    <svg
      {...hold}
      viewBox={`0 0 ${face.width} ${SHEET_HEIGHT}`}
      aria-hidden="true"
      data-testid="face"
    >
      <MetalDefs id={id} />
      <rect
        x="-2"
        y={BEAM_TOP}
        width={face.width + 4}
        height={MEETING - BEAM_TOP}
        fill={`url(#${id}flat)`}
        className="stroke-quiet"
        strokeWidth="1.5"
      />
      {/* The slide: a frame over the beam's back, and the plate with the vernier below it. */}
      <path
        d={`M${edge} 14 H${face.width + 2} V${BEAM_TOP + 22} H${edge + 20} Q${edge + 12} ${BEAM_TOP + 22} ${edge + 12} ${BEAM_TOP + 32} V${MEETING} H${face.width + 2} V${PLATE_BOTTOM} H${edge} Z`}
        fill={`url(#${id}round)`}
        className="stroke-quiet"
        strokeWidth="1.5"
        fillRule="evenodd"
      />
      <path d={`M${edge} ${MEETING} H${face.width}`} className="stroke-quiet" strokeWidth="1.5" />
      <InchPassed sum={sum} coarse="main" step={step} face={face} y={MEETING + 26} />
      <g transform={`translate(${beam.shift} 0)`}>
        {beam.lines.map(({ count, x, figure, middle }) => (
          <MainLine
            key={count}
            x={x}
            figure={figure}
            middle={middle}
            whole={isWhole(sum, count)}
            now={
              (lit === 'main' && count === (mark?.count ?? main)) ||
              (lit === 'line' && count === meets)
            }
            narrow={narrow}
            apart={apart}
          />
        ))}
      </g>
      {mark?.taken && (
        <TakenFor
          x={beam.shift + mark.taken.count * face.pitch}
          from={BEAM_TOP}
          to={MEETING}
          words={BEAM_TOP - 8}
        >
          {mark.taken.words}
        </TakenFor>
      )}
      {vernierRow(sum, face).map((each) => {
        const now = (lit === 'line' && each.count === line) || (lit === 'main' && each.count === 0);
        return (
          <g key={each.count}>
            <Tick
              row="line"
              {...down(each.x, MEETING, each.figure === undefined ? (each.middle ? 30 : 22) : 38)}
              now={now}
              width={narrow ? 1.5 : 1.7}
            />
            {each.figure !== undefined && (
              <Printed
                row="line"
                x={each.x}
                y={MEETING + 58}
                now={now}
                size={narrow ? 'text-[20px]' : 'text-[22px]'}
              >
                {each.figure}
              </Printed>
            )}
          </g>
        );
      })}
    </svg>
  );
}

interface MainLineProps {
  x: number;
  figure: string | undefined;
  middle: boolean;
  whole: boolean;
  now: boolean;
  narrow: boolean;
  /** From one printed figure to the next. */
  apart: number;
}

const MainLine = memo(function MainLine(props: MainLineProps) {
  const { x, figure, middle, whole, now, narrow, apart } = props;
  const long = figure === undefined ? (middle ? 34 : 24) : 44;
  return (
    <g>
      <Tick
        row="main"
        {...down(x, MEETING, -long)}
        now={now}
        width={figure === undefined ? (narrow ? 1.5 : 1.7) : 2.4}
      />
      {figure !== undefined && (
        <Printed row="main" x={x} y={MEETING - 62} now={now} size={sizeOf(whole, apart)}>
          {figure}
        </Printed>
      )}
    </g>
  );
});

interface InchPassedProps {
  sum: ScaleSum;
  coarse: 'main' | 'beam';
  step: number;
  face: SlideFace;
  y: number;
}

/** The last whole inch that was passed, when it has gone out of sight to the left: its tenths begin anew at each. */
export function InchPassed({ sum, coarse, step, face, y }: InchPassedProps) {
  const part = partOf(sum, coarse);
  const passed = Math.floor(step / part.steps);
  const anInch = 25_400_000_000 / part.divisionPm;
  const inch = Math.floor(passed / anInch);
  const x = face.zero - (step / part.steps - inch * anInch) * face.pitch;
  if (sum.unit !== 'in' || inch === 0 || sum.scale.figureEvery === anInch || x > 8) {
    return null;
  }
  return (
    <Printed row="inch-passed" x={10} y={y} anchor="start" quiet size="text-[22px]">
      ← {inch}
    </Printed>
  );
}

/** Figures that stand close are printed small, whole inches larger than their tenths. */
function sizeOf(whole: boolean, apart: number): string {
  if (apart < 24) {
    return whole ? 'text-[21px]' : 'text-[13px]';
  }
  return whole ? 'text-[34px]' : 'text-[22px]';
}

/** Whether a main line stands at a whole inch: its figure is printed larger. */
export const isWhole = ({ unit, parts }: ScaleSum, count: number): boolean =>
  unit === 'in' && (count * (parts[0]?.divisionPm ?? 0)) % 25_400_000_000 === 0;

function faceOf(sum: ScaleSum, narrow: boolean): SlideFace {
  const width = sheetWidth(narrow);
  const zero = narrow ? 96 : 190;
  const divisions = partOf(sum, 'line').last;
  // The whole vernier is in sight, and at least one printed figure of the beam.
  const figured = (width - 60) / (sum.scale.figureEvery + 0.5);
  return { zero, width, pitch: Math.min((width - zero - 24) / divisions, figured, 58) };
}
