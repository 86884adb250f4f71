import { memo, type ReactNode } from 'react';

/** What every drawn scale is made of: ticks, printed figures, and metal that is round or flat. */

export interface Line {
  x1: number;
  y1: number;
  x2: number;
  y2: number;
}

/** A line hanging from a point, or standing on it where the length is negative. */
export const down = (x: number, y: number, length: number): Line => ({
  x1: x,
  x2: x,
  y1: y,
  y2: y + length,
});

/** The ends of a line, without what else is known of it. */
export const ends = ({ x1, y1, x2, y2 }: Line): Line => ({ x1, y1, x2, y2 });

interface TickProps extends Line {
  /** Which row of the scale it belongs to. */
  row: string;
  width: number;
  /** It is the one that counts, and is pointed at. */
  now?: boolean;
  dashed?: boolean;
}

/** Drawn anew only when it moves: of the hundred lines of a dial none does, and only its needle is drawn. */
export const Tick = memo(function Tick(props: TickProps) {
  const { row, width, now = false, dashed = false } = props;
  return (
    <line
      data-line={row}
      {...ends(props)}
      className={now ? 'stroke-now' : 'stroke-ink'}
      strokeWidth={now ? Math.max(width * 1.7, 3) : width}
      {...(dashed ? { strokeDasharray: '5 4' } : {})}
    />
  );
});

interface PrintedProps {
  row: string;
  x: number;
  y: number;
  size: string;
  now?: boolean;
  quiet?: boolean;
  anchor?: 'start' | 'middle' | 'end';
  /** How much of its height the eye sees: on a cylinder figures flatten toward the horizon. */
  breadth?: number;
  children: ReactNode;
}

export const Printed = memo(function Printed(props: PrintedProps) {
  const { row, x, y, size, now, quiet, anchor = 'middle', breadth = 1, children } = props;
  const tone = now ? 'fill-now' : quiet ? 'fill-quiet' : 'fill-ink';
  return (
    <text
      data-figure={row}
      transform={`translate(${x} ${y}) scale(1 ${flattened(breadth)})`}
      dy="0.34em"
      textAnchor={anchor}
      className={`${tone} ${size} font-semibold`}
    >
      {children}
    </text>
  );
});

/** In sixteenths: every other height would be another font to the browser, laid out anew at each turn. */
const flattened = (breadth: number): number => Math.round(breadth * 16) / 16;

interface PointedAtProps {
  x: number;
  /** Where the line that counts ends, and where the words stand. */
  from: number;
  to: number;
  children: string;
}

/** Words at the line that counts, while its part of the sum is pointed at. */
export function PointedAt({ x, from, to, children }: PointedAtProps) {
  return (
    <g>
      <line x1={x} x2={x} y1={from} y2={to - 14} className="stroke-now" strokeWidth="1.2" />
      <Printed row="pointed-at" x={x + 6} y={to} anchor="end" now size="text-[17px]">
        {children}
      </Printed>
    </g>
  );
}

interface TakenProps {
  x: number;
  /** From where to where the line is crossed out, and where the words stand. */
  from: number;
  to: number;
  words: number;
  children: string;
}

/** The line that was taken for the one that counts: dashed, in the tone of what is lost, with words of its own. */
export function TakenFor({ x, from, to, words, children }: TakenProps) {
  return (
    <g data-line="taken">
      <line
        x1={x}
        x2={x}
        y1={from}
        y2={to}
        className="stroke-gone"
        strokeWidth="4"
        strokeDasharray="7 5"
      />
      <text
        x={x}
        y={words}
        textAnchor="middle"
        className="fill-gone text-[18px] font-semibold"
        data-figure="taken"
      >
        {children}
      </text>
    </g>
  );
}

/** A gradient as light falls on a cylinder that lies across the view, and the knurl one turns it by. */
export const MetalDefs = memo(function MetalDefs({ id }: { id: string }) {
  return (
    <defs>
      <linearGradient id={`${id}round`} x1="0" y1="0" x2="0" y2="1">
        <stop offset="0" className="[stop-color:var(--metal-dark)]" />
        <stop offset="0.18" className="[stop-color:var(--metal)]" />
        <stop offset="0.45" className="[stop-color:var(--metal-light)]" />
        <stop offset="0.78" className="[stop-color:var(--metal)]" />
        <stop offset="1" className="[stop-color:var(--metal-dark)]" />
      </linearGradient>
      <linearGradient id={`${id}flat`} x1="0" y1="0" x2="0" y2="1">
        <stop offset="0" className="[stop-color:var(--metal-light)]" />
        <stop offset="1" className="[stop-color:var(--metal)]" />
      </linearGradient>
      <pattern id={`${id}knurl`} width="9" height="9" patternUnits="userSpaceOnUse">
        <path d="M0 9 9 0M0 0 9 9" className="stroke-quiet" strokeWidth="0.7" opacity="0.55" />
      </pattern>
    </defs>
  );
});
