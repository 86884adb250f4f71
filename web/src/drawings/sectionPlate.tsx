import { Across, type Draw, edge, isLit, Numbers, type Sheet, weight } from './sectionMarks';

/** A plate from above, its holes in a row, its thickness beside. */
export function plate(draw: Draw): Sheet {
  const { laid } = draw;
  const round = laid.filter(({ feature }) => ['bore', 'inside', 'outside'].includes(feature.kind));
  const largest = Math.max(1, ...round.map(({ size }) => size));
  const gap = 300 / Math.max(round.length, 1);
  const scale = Math.min(84, gap * 0.7) / largest;
  const at = (i: number) => 60 + gap * (i + 0.5);
  const centres = laid.filter(({ feature }) => feature.kind === 'centre-distance');
  const flat = laid.filter(({ feature }) => ['step', 'depth', 'slot'].includes(feature.kind));
  const most = Math.max(1, ...flat.map(({ size }) => size));
  const drawing = (
    <>
      <rect
        x="46"
        y="24"
        width="328"
        height="112"
        className="fill-panel stroke-ink"
        strokeWidth="1.5"
      />
      {round.map((one, i) => (
        <g key={one.feature.key} {...draw.point(one.feature.key)}>
          <circle
            cx={at(i)}
            cy="80"
            r={(one.size * scale) / 2}
            className={`${one.feature.kind === 'outside' ? 'fill-metal' : 'fill-paper'} ${edge(isLit(draw, one))}`}
            strokeWidth={weight(isLit(draw, one))}
          />
          <path
            d={`M${at(i) - (one.size * scale) / 2 - 5} 80h${one.size * scale + 10}M${at(i)} ${80 - (one.size * scale) / 2 - 5}v${one.size * scale + 10}`}
            className="stroke-quiet"
            strokeWidth="1"
            strokeDasharray="8 3 2 3"
          />
        </g>
      ))}
      {centres.map((one, i) => (
        <Across
          key={one.feature.key}
          draw={draw}
          laid={one}
          from={at(Math.min(i, Math.max(round.length - 2, 0)))}
          to={at(Math.min(i + 1, Math.max(round.length - 1, 1)))}
          y={150 + i * 14}
        />
      ))}
      {flat.map((one, i) => {
        const x = 70 + (280 / flat.length) * (i + 0.5);
        const half = Math.max(9, (one.size / most) * 26);
        return (
          <g key={one.feature.key} {...draw.point(one.feature.key)}>
            <path
              d={
                one.feature.kind === 'step'
                  ? `M${x - 34} ${196 + half / 2}v${-half}h34v${half}`
                  : `M${x - 34} ${196 - half / 2}h22v${half}h24v${-half}h22`
              }
              className={`fill-none ${edge(isLit(draw, one))}`}
              strokeWidth={weight(isLit(draw, one))}
            />
          </g>
        );
      })}
      <Numbers
        draw={draw}
        at={(one) => {
          const i = round.indexOf(one);
          if (i >= 0) {
            return [at(i) + (one.size * scale) / 2 + 8, 80 - (one.size * scale) / 2 - 4];
          }
          const f = flat.indexOf(one);
          if (f >= 0) {
            return [70 + (280 / flat.length) * (f + 0.5) + 34, 214];
          }
          const c = centres.indexOf(one);
          return c >= 0 ? [(at(c) + at(c + 1)) / 2, 150 + c * 14] : undefined;
        }}
      />
    </>
  );
  return { height: 226, drawing };
}
