interface LobedRoundProps {
  lobes: number;
  /** Of the V, in degrees. */
  angle: number;
  /** How far the part is turned, in degrees. */
  turned: number;
  label: string;
}

const RADIUS = 92;
const MIDDLE = 200;
const BOTTOM = 330;
/** A round whose lobes are higher than that has hollows, and touches with more than its lobes. */
const HIGHEST = 0.8;
const MOST = 0.1;
const STEPS = 240;

/**
 * A round with equal lobes in its V, the lobes drawn far too high, the indicator above. It lies as it would: it touches both sides, so that
 * what the indicator does as it is turned is what it would do.
 */
export function LobedRound({ lobes, angle, turned, label }: LobedRoundProps) {
  const { outline, middle, top } = lying(lobes, angle, turned);
  const level = lying(lobes, angle, undefined).top;
  const half = (angle / 2) * (Math.PI / 180);
  const reach = 150;
  // Rounded: no needle shows less, and none has a sign at zero.
  const lift = Math.round((level - top) * 100) / 100 + 0;
  return (
    <svg
      viewBox="0 -64 400 458"
      role="img"
      aria-label={label}
      className="mx-auto block max-h-[22rem] w-full"
    >
      <path
        d={`M${MIDDLE - reach * Math.sin(half) * 1.25} ${BOTTOM - reach * Math.cos(half) * 1.25}L${MIDDLE} ${BOTTOM}L${MIDDLE + reach * Math.sin(half) * 1.25} ${BOTTOM - reach * Math.cos(half) * 1.25}H380V388H20V${BOTTOM - reach * Math.cos(half) * 1.25}z`}
        className="fill-metal stroke-ink"
        strokeWidth="2.5"
      />
      <path d={outline} className="fill-panel stroke-ink" strokeWidth="3" data-testid="round" />
      <circle cx={middle.x} cy={middle.y} r="3" className="fill-ink" />
      <path d={`M20 ${level}H380`} className="stroke-quiet" strokeDasharray="12 4 2 4" />
      <path d={`M${MIDDLE} ${top}V${top - 46}`} className="stroke-ink" strokeWidth="5" />
      <circle cx={MIDDLE} cy={top - 6} r="6" className="fill-ink" />
      <circle
        cx={MIDDLE}
        cy={top - 78}
        r="34"
        className="fill-panel stroke-ink"
        strokeWidth="2.5"
      />
      <path
        d={`M${MIDDLE} ${(top - 78).toFixed(2)}l${(28 * Math.sin(lift / 8)).toFixed(2)} ${(-28 * Math.cos(lift / 8)).toFixed(2)}`}
        className="stroke-ink"
        strokeWidth="3"
        data-testid="needle"
      />
    </svg>
  );
}

/** How it lies in its V. Without a turn: a true round of the same mean size. */
function lying(lobes: number, angle: number, turned: number | undefined) {
  const high = turned === undefined ? 0 : Math.min(MOST, HIGHEST / (lobes * lobes - 1));
  const turn = ((turned ?? 0) * Math.PI) / 180;
  // How far the round reaches in a direction; its outline is what all of these touch.
  const reach = (to: number) => RADIUS * (1 + high * Math.cos(lobes * (to - turn)));
  const slope = (to: number) => -RADIUS * high * lobes * Math.sin(lobes * (to - turn));
  const half = (angle / 2) * (Math.PI / 180);
  // Directions to both sides of the V, counted from straight up; down is the V.
  const right = Math.PI / 2 + half;
  const left = -right;
  // The middle is where both sides are touched: reach(side) = its distance from that side.
  const p = reach(right);
  const q = reach(left);
  const up = (p + q) / (2 * Math.sin(half));
  const aside = (q - p) / (2 * Math.cos(half));
  const middle = { x: MIDDLE + aside, y: BOTTOM - up };
  const points = Array.from({ length: STEPS }, (_, i) => {
    const to = (i / STEPS) * 2 * Math.PI;
    const x = reach(to) * Math.sin(to) + slope(to) * Math.cos(to);
    const y = reach(to) * Math.cos(to) - slope(to) * Math.sin(to);
    return `${(middle.x + x).toFixed(2)} ${(middle.y - y).toFixed(2)}`;
  });
  return { outline: `M${points.join('L')}z`, middle, top: middle.y - reach(0) };
}
