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

const TONES: Record<string, string> = {
  in: 'text-in',
  'as-new': 'text-in',
  worn: 'text-in',
  'within-service': 'text-in',
  'too-close': 'text-near',
  gone: 'text-gone',
  'beyond-service': 'text-gone',
  'not-measured': 'text-quiet',
};

/** The tone that goes with a verdict; metal left and doubt are ink, and told by their mark. */
export const toneOf = (mark: string): string => TONES[mark] ?? 'text-ink';

const BRACKETS = <path d="M17 4H12V28H17M31 4H36V28H31" />;
const AT_LEFT = <path d="M9 4H4V28H9M21 4H26V28H21" />;

/** What lies on the high side is drawn; on the low side the same is seen in a mirror. */
const MIRROR = 'matrix(-1 0 0 1 48 0)';

const ONE_SIDED: Record<string, ReactNode> = {
  // The tick outside on its true side, an arrow back toward the brackets.
  'metal-left': (
    <>
      {AT_LEFT}
      <path d="M44 7V25" strokeWidth="4.5" />
      <path d="M41 16H31M35.5 11.5 31 16 35.5 20.5" strokeWidth="2.5" />
    </>
  ),
  gone: (
    <>
      {AT_LEFT}
      <path d="M33 9 45 23M45 9 33 23" strokeWidth="4" />
    </>
  ),
  // Inside, and a second bar beyond: the service limit.
  worn: (
    <>
      {AT_LEFT}
      <path d="M42 2V30" strokeWidth="2.5" />
      <path d="M33 9V23" strokeWidth="5" />
    </>
  ),
  'beyond-service': (
    <>
      <path d="M7 4H3V28H7M15 4H19V28H15" />
      <path d="M29 2V30" strokeWidth="2.5" />
      <path d="M41 9V23" strokeWidth="5" />
    </>
  ),
  // Outside where new metal cannot be: nothing leads back from there.
  'wrong-way': (
    <>
      {AT_LEFT}
      <path d="M38 9V23" strokeWidth="5" />
      <path d="M32 5.5V2H44V5.5M32 26.5V30H44V26.5" strokeWidth="2.5" />
    </>
  ),
  // The tick through a bracket, that bracket doubled.
  'too-close': (
    <>
      <path d="M13 4H8V28H13M31 4H36V28H31" />
      <path d="M42 4V28" />
      <path d="M26 16H47" strokeWidth="5" />
    </>
  ),
};

function shapeOf({ mark, side }: Pick<Verdict, 'mark' | 'side'>): ReactNode {
  const oneSided = ONE_SIDED[mark];
  if (oneSided !== undefined && side !== '') {
    return <g transform={side === 'low' ? MIRROR : undefined}>{oneSided}</g>;
  }
  switch (mark) {
    case 'in':
    case 'as-new':
      return (
        <>
          {BRACKETS}
          <path d="M24 9V23" strokeWidth="5" />
        </>
      );
    case 'within-service':
      // Nobody has said what it was as new: there is the service limit alone.
      return (
        <>
          <path d="M38 2V30" strokeWidth="2.5" />
          <path d="M24 9V23" strokeWidth="5" />
        </>
      );
    case 'too-close':
      return (
        <>
          <path d="M19 4H15V28H19M29 4H33V28H29M9 4V28M39 4V28" />
          <path d="M4 16H44" strokeWidth="4" />
        </>
      );
    case 'in-doubt':
      return (
        <>
          <path d="M17 4H12V28H17M31 4H36V28H31" strokeDasharray="4 4" />
          <path d="M24 9V23" strokeWidth="5" />
        </>
      );
    case 'unsettled':
    case 'scattered':
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
