interface CentresFigureProps {
  /** equal, holes, pins, zeros */
  kind: string;
}

const LEFT = 150;
const RIGHT = 350;
const MIDDLE = 110;

/** Two holes or pins, with the lengths that are measured and the one that is found. */
export function CentresFigure({ kind }: CentresFigureProps) {
  const isEqual = kind === 'equal' || kind === 'zeros';
  const [r1, r2] = isEqual ? [50, 50] : [44, 58];
  const isPins = kind === 'pins';
  return (
    <svg
      viewBox="0 -14 500 264"
      role="img"
      aria-label={WORDS[kind]}
      className="block w-full max-w-2xl"
    >
      {!isPins && (
        <rect
          x="50"
          y="34"
          width="400"
          height="152"
          className="fill-metal stroke-ink"
          strokeWidth="2"
        />
      )}
      {[
        [LEFT, r1],
        [RIGHT, r2],
      ].map(([x, r]) => (
        <g key={x}>
          <circle
            cx={x}
            cy={MIDDLE}
            r={r}
            className={`${isPins ? 'fill-metal' : 'fill-paper'} stroke-ink`}
            strokeWidth="2.5"
          />
          <path
            d={`M${(x ?? 0) - 64} ${MIDDLE}h128M${x} ${MIDDLE - 70}v128`}
            className="stroke-quiet"
            strokeDasharray="12 4 2 4"
          />
        </g>
      ))}
      <Length from={LEFT} to={RIGHT} y={234} name="centres" bold />
      {(kind === 'equal' || kind === 'pins') && (
        <Length from={LEFT - r1} to={RIGHT + r2} y={16} name="A" />
      )}
      {(kind === 'equal' || kind === 'holes') && (
        <Length from={LEFT + r1} to={RIGHT - r2} y={MIDDLE} name="B" />
      )}
      {(kind === 'holes' || kind === 'pins') && (
        <>
          <Length from={LEFT - r1} to={LEFT + r1} y={MIDDLE + 24} name="d₁" />
          <Length from={RIGHT - r2} to={RIGHT + r2} y={MIDDLE + 24} name="d₂" />
        </>
      )}
      {kind === 'zeros' && (
        <>
          <Length from={50} to={LEFT} y={MIDDLE} name="A" />
          <Length from={50} to={RIGHT} y={206} name="B" />
        </>
      )}
    </svg>
  );
}

const WORDS: Record<string, string> = {
  equal: 'Two equal circles: A over their outer edges, B between their inner edges',
  holes: 'Two holes: B between their near edges, and both diameters',
  pins: 'Two pins: A over their far edges, and both diameters',
  zeros: 'Two holes: A and B from one zero to each centre',
};

function Length({
  from,
  to,
  y,
  name,
  bold,
}: {
  from: number;
  to: number;
  y: number;
  name: string;
  bold?: boolean;
}) {
  return (
    <g>
      <path
        d={`M${from} ${y}H${to}M${from} ${y - 8}v16M${to} ${y - 8}v16`}
        className="stroke-ink"
        strokeWidth={bold ? 3.5 : 2}
      />
      <text
        x={(from + to) / 2}
        y={y - 5}
        textAnchor="middle"
        paintOrder="stroke"
        strokeWidth="6"
        className={`fill-ink stroke-panel text-[18px] ${bold ? 'font-bold' : ''}`}
      >
        {name}
      </text>
    </g>
  );
}
