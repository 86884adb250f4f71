import type { Feature } from '../api/client';
import { VerdictMark } from './VerdictMark';

interface PartPictureProps {
  features: Feature[];
  /** The feature being measured. */
  at: number;
  /** The place at hand. */
  place: number | undefined;
}

/** A turned part from the side, to scale along and across, with the place at hand marked where the gauge goes. */
export function PartPicture({ features, at, place }: PartPictureProps) {
  const end = Math.max(...features.map(({ starts, length }) => starts.pm + length.pm));
  const across = Math.max(...features.map(diameter));
  const scale = Math.min((WIDTH - 2 * MARGIN) / end, MOST_ACROSS / across);
  const x = (pm: number) => (WIDTH - end * scale) / 2 + pm * scale;
  const half = (feature: Feature) => (diameter(feature) * scale) / 2;
  const measured = features.find(({ id }) => id === at);
  const spot = measured?.places.find(({ id }) => id === place);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="block w-full"
      aria-hidden="true"
      data-testid="part"
    >
      {features.map((feature) => {
        const h = half(feature);
        return (
          <g key={feature.id}>
            <rect
              x={x(feature.starts.pm)}
              y={AXIS - h}
              width={feature.length.pm * scale}
              height={2 * h}
              className={feature.id === at ? 'fill-panel stroke-ink' : 'fill-paper stroke-quiet'}
              strokeWidth={feature.id === at ? 2.5 : 1.5}
            />
            <g
              transform={`translate(${x(feature.starts.pm + feature.length.pm / 2) - 18} ${MARKS})`}
            >
              <VerdictMark verdict={feature.verdict} size={24} />
            </g>
          </g>
        );
      })}
      <line
        x1={x(0) - 14}
        x2={x(end) + 14}
        y1={AXIS}
        y2={AXIS}
        className="stroke-quiet"
        strokeWidth="1"
        strokeDasharray="14 4 3 4"
      />
      {measured && spot && <Anvils x={x(spot.depth.pm)} half={half(measured)} />}
    </svg>
  );
}

const WIDTH = 360;
const HEIGHT = 190;
const AXIS = 88;
const MARKS = 158;
const MARGIN = 18;
const MOST_ACROSS = 96;

/** For drawing: what the limits come to across. */
const diameter = ({ limits }: Feature): number =>
  (limits.middle ?? limits.high ?? limits.low)?.pm ?? 0;

/** The gauge's two faces closing on the part. */
function Anvils({ x, half }: { x: number; half: number }) {
  return (
    <g className="fill-now stroke-now">
      <line
        x1={x}
        x2={x}
        y1={AXIS - half}
        y2={AXIS + half}
        strokeWidth="1.5"
        strokeDasharray="3 3"
      />
      <path d={`M${x} ${AXIS - half} l-7 -13 h14 Z`} stroke="none" />
      <path d={`M${x} ${AXIS + half} l-7 13 h14 Z`} stroke="none" />
      <line x1={x} x2={x} y1={AXIS - half - 30} y2={AXIS - half - 12} strokeWidth="3" />
      <line x1={x} x2={x} y1={AXIS + half + 12} y2={AXIS + half + 30} strokeWidth="3" />
    </g>
  );
}
