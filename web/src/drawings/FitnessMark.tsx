interface FitnessMarkProps {
  fitness: string;
  large?: boolean;
}

/**
 * What a gauge is for a feature: the zone as two limits, and how wide what it does not know lies between them. Narrow: good.
 * Wide: with care. Wider than the zone: cannot decide. What cannot be put to it at all: crossed out.
 */
export function FitnessMark({ fitness, large = false }: FitnessMarkProps) {
  const half = WIDTHS[fitness];
  return (
    <svg
      viewBox="0 0 40 28"
      className={`${large ? 'w-10' : 'w-8'} stroke-ink`}
      fill="none"
      strokeWidth="2.4"
      aria-hidden="true"
    >
      <path d="M13 3H9v22h4M27 3h4v22h-4" />
      {half === undefined ? (
        <path d="M4 26 36 2" />
      ) : (
        <rect x={20 - half} y="10" width={2 * half} height="8" className="fill-ink" stroke="none" />
      )}
    </svg>
  );
}

const WIDTHS: Partial<Record<string, number>> = {
  good: 2.5,
  'with-care': 8.5,
  'cannot-decide': 19,
};
