import type { Schemas } from '../api/client';
import { type Lighting, PlaceDot } from './PlaceDot';

type Methods = Schemas['TwoMethodsView'];

interface DifferencePlotProps extends Lighting {
  methods: Methods;
}

const WIDTH = 420;
const HEIGHT = 250;
const LEFT = 16;
const RIGHT = WIDTH - 108;
const TOP = 26;
const BOTTOM = HEIGHT - 34;

/** The difference of two methods at each place against the mean of both, with the limits between which 95 % of them lie. */
export function DifferencePlot({ methods, lit, onLight }: DifferencePlotProps) {
  const { places, mean, low, high, explained } = methods;
  const sizes = places.map((place) => place.mean.pm);
  const from = Math.min(...sizes);
  const across = Math.max(...sizes) - from || 1;
  const apart = [...places.map((place) => place.apart.pm), low.pm, high.pm, 0];
  const up = Math.max(...apart);
  const tall = up - Math.min(...apart) || 1;
  const x = (pm: number) => LEFT + 20 + ((pm - from) / across) * (RIGHT - LEFT - 40);
  const y = (pm: number) => TOP + ((up - pm) / tall) * (BOTTOM - TOP);
  const lines = [
    ['upper limit', high, '7 5'],
    ['mean', mean, ''],
    ['lower limit', low, '7 5'],
  ] as const;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="block w-full"
      role="img"
      aria-label={methods.sentence}
      data-testid="difference"
    >
      <rect
        x={LEFT}
        width={RIGHT - LEFT}
        y={Math.max(y(explained.pm), TOP - 16)}
        height={Math.min(y(-explained.pm), BOTTOM + 16) - Math.max(y(explained.pm), TOP - 16)}
        className="fill-in"
        opacity="0.12"
      />
      <line x1={LEFT} x2={RIGHT} y1={y(0)} y2={y(0)} className="stroke-line" strokeWidth="2" />
      {lines.map(([name, figure, dash]) => (
        <g key={name}>
          <line
            x1={LEFT}
            x2={RIGHT}
            y1={y(figure.pm)}
            y2={y(figure.pm)}
            className="stroke-ink"
            strokeWidth={dash === '' ? 2.5 : 1.5}
            {...(dash === '' ? {} : { strokeDasharray: dash })}
          />
          <text x={RIGHT + 8} y={y(figure.pm) - 2} className="fill-quiet text-[13px]">
            {name}
          </text>
          <text x={RIGHT + 8} y={y(figure.pm) + 13} className="fill-ink text-[14px]">
            {figure.text}
          </text>
        </g>
      ))}
      {places.map((place) => (
        <PlaceDot
          key={place.place}
          place={place.place}
          cx={x(place.mean.pm)}
          cy={y(place.apart.pm)}
          lit={lit}
          onLight={onLight}
        />
      ))}
      <text x={LEFT} y={HEIGHT - 8} className="fill-quiet text-[13px]">
        mean of both, from {places.find(({ mean: of }) => of.pm === from)?.mean.text}
      </text>
      <text x={LEFT} y="14" className="fill-quiet text-[13px]">
        {methods.first} − {methods.second}, {mean.unit}; shaded: what both U explain
      </text>
    </svg>
  );
}
