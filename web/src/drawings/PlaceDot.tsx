/** Which place is pointed at, and who is told when one is. */
export interface Lighting {
  lit?: number | undefined;
  onLight?: ((place: number | undefined) => void) | undefined;
}

interface PlaceDotProps extends Lighting {
  place: number;
  cx: number;
  cy: number;
}

/** A place in a picture: pointed at it is lit there, and wherever else it is drawn. */
export function PlaceDot({ place, cx, cy, lit, onLight }: PlaceDotProps) {
  const isLit = lit === place;
  return (
    <circle
      data-place={place}
      cx={cx}
      cy={cy}
      r={isLit ? 8 : 5}
      className={`${isLit ? 'fill-now' : 'fill-ink'} stroke-paper`}
      strokeWidth="1.5"
      onPointerEnter={() => onLight?.(place)}
      onPointerLeave={() => onLight?.(undefined)}
    />
  );
}
