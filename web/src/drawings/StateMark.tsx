interface StateMarkProps {
  state: string;
  /** Its zero wants a look. */
  wanted?: boolean;
}

/**
 * What state a gauge is in, without a tone: two closed faces, in use; apart, with a gap between, its zero wants a look; an
 * hourglass, its date has passed; crossed out, quarantined; struck flat, retired. A word stands beside it.
 */
export function StateMark({ state, wanted = false }: StateMarkProps) {
  const gap = wanted ? 5 : 0;
  return (
    <svg
      viewBox="0 0 32 24"
      className="w-8 stroke-ink"
      fill="none"
      strokeWidth="2.4"
      aria-hidden="true"
    >
      {state === 'due' ? (
        <path d="M8 3h16l-16 18h16L8 3Z" strokeLinejoin="round" />
      ) : (
        <>
          <path d={`M3 12h${10 - gap}M${13 - gap} 5v14`} />
          <path d={`M29 12h-${10 - gap}M${19 + gap} 5v14`} />
          {!wanted && state === 'in-use' && <path d="M16 5v14" />}
        </>
      )}
      {state === 'quarantined' && <path d="M4 22 28 2M4 2l24 20" />}
      {state === 'retired' && <path d="M2 12h28" strokeWidth="4" />}
    </svg>
  );
}
