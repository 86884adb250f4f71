import type { ReactNode } from 'react';
import type { Verdict } from '../api/client';

interface VerdictMarkProps {
  verdict: Pick<Verdict, 'mark' | 'side'>;
  /** Pixels; legible from 24 on. */
  size: number;
  /** The word, where none stands beside it. */
  word?: string;
}

/**
 * The mark of a verdict. The brackets are the limits, low left, always; the tick says where the size stands. Told apart by
 * shape alone, so that it survives one-bit print and any eye.
 */
export function VerdictMark({ verdict, size, word }: VerdictMarkProps) {
  return (
    <svg
      viewBox="0 0 48 32"
      height={size}
      width={size * 1.5}
      className={`shrink-0 ${toneOf(verdict.mark)}`}
      fill="none"
      stroke="currentColor"
      strokeWidth="3"
      {...(word === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': word })}
      data-mark={`${verdict.mark} ${verdict.side}`.trim()}
    >
      {shapeOf(verdict)}
    </svg>
  );
}

/** The tone that goes with a verdict; metal left is ink, and told by its mark. */
export function toneOf(mark: string): string {
  switch (mark) {
    case 'in':
      return 'text-in';
    case 'gone':
      return 'text-gone';
    case 'not-measured':
      return 'text-quiet';
    default:
      return 'text-ink';
  }
}

const BRACKETS = <path d="M17 4H12V28H17M31 4H36V28H31" />;

function shapeOf({ mark, side }: Pick<Verdict, 'mark' | 'side'>): ReactNode {
  const low = side === 'low';
  switch (mark) {
    case 'in':
      return (
        <>
          {BRACKETS}
          <path d="M24 9V23" strokeWidth="5" />
        </>
      );
    case 'metal-left':
      // The tick outside on its true side, an arrow back toward the brackets.
      return (
        <g transform={low ? 'matrix(-1 0 0 1 48 0)' : undefined}>
          <path d="M9 4H4V28H9M21 4H26V28H21" />
          <path d="M44 7V25" strokeWidth="4.5" />
          <path d="M41 16H31M35.5 11.5 31 16 35.5 20.5" strokeWidth="2.5" />
        </g>
      );
    case 'gone':
      return (
        <g transform={low ? 'matrix(-1 0 0 1 48 0)' : undefined}>
          <path d="M9 4H4V28H9M21 4H26V28H21" />
          <path d="M33 9 45 23M45 9 33 23" strokeWidth="4" />
        </g>
      );
    case 'unsettled':
      return (
        <>
          {BRACKETS}
          <path d="M20.5 9V23M27.5 9V23" strokeWidth="3.5" />
        </>
      );
    default:
      return BRACKETS;
  }
}
