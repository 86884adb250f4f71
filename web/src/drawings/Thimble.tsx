import { useId, useRef } from 'react';
import type { PartName, ThimbleScale } from './scaleSum';
import {
  counted,
  type Face,
  type SleeveLine,
  sleeveLines,
  thimbleLines,
  type TurnedLine,
  vernierLines,
} from './thimbleLines';
import { useTurning } from './useTurning';

interface ThimbleProps {
  scale: ThimbleScale;
  /** How far it is turned out, in its finest steps. */
  step: number;
  onTurn: (step: number) => void;
  /** The part of the sum that is pointed at: its line is shown as the one that counts now. */
  lit: PartName | undefined;
  /** For a narrow screen: the view stands nearer to the thimble. */
  narrow: boolean;
}

/**
 * A micrometer's sleeve and thimble as they look at a setting, the index line level with the eye. The view travels with
 * the thimble's edge. Dragged up or down, or by the wheel, it turns as the real one does: the near side follows the hand.
 */
export function Thimble({ scale, step, onTurn, lit, narrow }: ThimbleProps) {
  const id = useId();
  const face = faceOf(scale, narrow);
  const width = narrow ? 520 : 860;
  const drawing = useRef<SVGSVGElement>(null);
  const hand = useTurning(drawing, scale, step, onTurn, face, HEIGHT);
  const counts = counted(scale, step);
  const top = face.index - face.thimbleRadius;
  const body = face.edge + face.bevel;
  const knurl = body + (narrow ? 66 : 96);
  return (
    <svg
      ref={drawing}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      className="block w-full cursor-ns-resize touch-none select-none"
      aria-hidden="true"
      data-testid="thimble"
      onPointerDown={hand.grasp}
      onPointerMove={hand.turn}
      onPointerUp={hand.letGo}
      onPointerCancel={hand.letGo}
    >
      <defs>
        <linearGradient id={`${id}metal`} x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" className="[stop-color:var(--metal-dark)]" />
          <stop offset="0.18" className="[stop-color:var(--metal)]" />
          <stop offset="0.45" className="[stop-color:var(--metal-light)]" />
          <stop offset="0.78" className="[stop-color:var(--metal)]" />
          <stop offset="1" className="[stop-color:var(--metal-dark)]" />
        </linearGradient>
        <pattern id={`${id}knurl`} width="9" height="9" patternUnits="userSpaceOnUse">
          <path d="M0 9 9 0M0 0 9 9" className="stroke-quiet" strokeWidth="0.7" opacity="0.55" />
        </pattern>
      </defs>

      <rect
        x="-2"
        y={face.index - face.sleeveRadius}
        width={face.edge + 2}
        height={2 * face.sleeveRadius}
        fill={`url(#${id}metal)`}
        className="stroke-quiet"
        strokeWidth="1.5"
      />
      <line
        x1="0"
        x2={face.edge}
        y1={face.index}
        y2={face.index}
        className="stroke-ink"
        strokeWidth="2.5"
      />
      {vernierLines(scale, face, face.edge - VERNIER_LENGTH, narrow ? 13 : 8.5)
        .slice(1)
        .map((line) => (
          <VernierLine
            figureSize={narrow ? 'text-[19px]' : 'text-[13px]'}
            key={line.count}
            line={line}
            now={lit === 'vernier' && line.count === counts.vernier}
          />
        ))}
      {sleeveLines(scale, step, face).map((line) => (
        <SleeveMark
          key={line.count}
          line={line}
          now={lit === 'sleeve' && line.count === counts.sleeve}
        />
      ))}

      <path
        d={`M${face.edge} ${face.index - face.sleeveRadius} L${body} ${top} H${width + 2} V${face.index + face.thimbleRadius} H${body} L${face.edge} ${face.index + face.sleeveRadius} Z`}
        fill={`url(#${id}metal)`}
        className="stroke-quiet"
        strokeWidth="1.5"
      />
      <line
        x1={body}
        x2={body}
        y1={top}
        y2={face.index + face.thimbleRadius}
        className="stroke-line"
        strokeWidth="1.5"
      />
      <rect
        x={knurl}
        y={top}
        width={width - knurl}
        height={2 * face.thimbleRadius}
        fill={`url(#${id}knurl)`}
      />
      {thimbleLines(scale, step, face).map((line) => (
        <ThimbleMark
          key={line.count}
          line={line}
          figureX={body + 14}
          now={
            (lit === 'thimble' && line.count === counts.thimble) ||
            (lit === 'vernier' && line.count === counts.meets)
          }
        />
      ))}
    </svg>
  );
}

const HEIGHT = 284;
const VERNIER_LENGTH = 92;
const MOST_PITCH = 58;

function faceOf(scale: ThimbleScale, narrow: boolean): Face {
  const edge = narrow ? 318 : 600;
  return {
    edge,
    index: HEIGHT / 2,
    // At least one printed figure of the sleeve is always in sight.
    pitch: Math.min(MOST_PITCH, (edge - 24) / (scale.figureEvery + 0.4)),
    sleeveRadius: 94,
    bevel: narrow ? 58 : 74,
    thimbleRadius: 132,
  };
}

const tone = (now: boolean) => (now ? 'stroke-now' : 'stroke-ink');
const figureTone = (now: boolean) => (now ? 'fill-now' : 'fill-ink');

function SleeveMark({ line, now }: { line: SleeveLine; now: boolean }) {
  return (
    <g>
      <line
        data-line="sleeve"
        x1={line.x1}
        y1={line.y1}
        x2={line.x2}
        y2={line.y2}
        className={tone(now)}
        strokeWidth={now ? 4.5 : line.figure === undefined ? 2.2 : 3}
      />
      {line.figure !== undefined && (
        <text
          data-figure="sleeve"
          x={line.figureX}
          y={line.figureY}
          textAnchor="middle"
          className={`${figureTone(now)} text-[26px] font-semibold`}
        >
          {line.figure}
        </text>
      )}
    </g>
  );
}

interface VernierLineProps {
  line: TurnedLine;
  now: boolean;
  figureSize: string;
}

function VernierLine({ line, now, figureSize }: VernierLineProps) {
  return (
    <g>
      <line
        data-line="vernier"
        x1={line.x1}
        y1={line.y1}
        x2={line.x2}
        y2={line.y2}
        className={tone(now)}
        strokeWidth={(now ? 3.4 : 1.8) * line.breadth ** 0.5}
      />
      <text
        transform={`translate(${line.x1 - 6} ${line.figureY}) scale(1 ${line.breadth})`}
        dy="0.34em"
        textAnchor="end"
        className={`${figureTone(now)} ${figureSize} font-semibold`}
      >
        {line.figure}
      </text>
    </g>
  );
}

function ThimbleMark({ line, figureX, now }: { line: TurnedLine; figureX: number; now: boolean }) {
  return (
    <g>
      <line
        data-line="thimble"
        x1={line.x1}
        y1={line.y1}
        x2={line.x2}
        y2={line.y2}
        className={tone(now)}
        strokeWidth={(now ? 4 : line.figure === undefined ? 1.9 : 2.6) * line.breadth ** 0.5}
      />
      {line.figure !== undefined && (
        <text
          data-figure="thimble"
          transform={`translate(${figureX} ${line.figureY}) scale(1 ${line.breadth})`}
          dy="0.34em"
          className={`${figureTone(now)} text-[26px] font-semibold`}
        >
          {line.figure}
        </text>
      )}
    </g>
  );
}
