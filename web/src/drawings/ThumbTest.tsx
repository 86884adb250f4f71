import { MetalDefs, Printed } from './marks';

/** A thumb that pushes the contact in, and the dial that is looked at meanwhile. */
export function ThumbTest() {
  return (
    <svg
      viewBox="0 0 420 170"
      role="img"
      aria-label="A thumb pushes the contact of the gauge in; the needle of its dial moves"
      className="block w-full max-w-md"
    >
      <MetalDefs id="thumb" />
      <rect
        x="138"
        y="76"
        width="170"
        height="18"
        fill="url(#thumbround)"
        className="stroke-ink"
        strokeWidth="1.4"
      />
      <rect
        x="100"
        y="66"
        width="44"
        height="38"
        rx="6"
        fill="url(#thumbround)"
        className="stroke-ink"
        strokeWidth="1.4"
      />
      <rect
        x="84"
        y="79"
        width="16"
        height="12"
        fill="url(#thumbflat)"
        className="stroke-ink"
        strokeWidth="1.4"
      />
      <rect
        x="112"
        y="104"
        width="20"
        height="16"
        fill="url(#thumbflat)"
        className="stroke-ink"
        strokeWidth="1.4"
      />
      <circle
        cx="352"
        cy="85"
        r="52"
        fill="url(#thumbround)"
        className="stroke-ink"
        strokeWidth="1.4"
      />
      <circle cx="352" cy="85" r="44" className="fill-panel stroke-quiet" />
      {Array.from({ length: 20 }, (_, i) => {
        const angle = (i / 20) * 2 * Math.PI;
        const [x, y] = [Math.sin(angle), -Math.cos(angle)];
        return (
          <line
            key={i}
            x1={352 + 44 * x}
            y1={85 + 44 * y}
            x2={352 + (i % 5 === 0 ? 34 : 39) * x}
            y2={85 + (i % 5 === 0 ? 34 : 39) * y}
            className="stroke-ink"
            strokeWidth="1.2"
          />
        );
      })}
      <line x1="352" y1="92" x2="352" y2="47" className="stroke-ink" strokeWidth="2.4" />
      <path d="M338 116 a32 32 0 0 0 28 0" className="fill-none stroke-now" strokeWidth="3" />
      <path
        d="M340 110 l-6 8 l10 2 M364 110 l6 8 l-10 2"
        className="fill-none stroke-now"
        strokeWidth="2.4"
      />
      <path
        d="M6 122 C14 96 34 72 62 70 C76 69 84 78 82 88 C80 100 60 108 52 132 L40 166"
        className="fill-paper stroke-ink"
        strokeWidth="1.8"
      />
      <path d="M60 74 C70 74 78 79 77 87" className="fill-none stroke-quiet" strokeWidth="1.4" />
      <path d="M40 54 H74 m-9 -6 l9 6 l-9 6" className="fill-none stroke-now" strokeWidth="3" />
      <Printed row="thumb" x={20} y={40} anchor="start" size="text-[16px]">
        push in
      </Printed>
      <Printed row="thumb" x={352} y={154} size="text-[16px]">
        rise or fall?
      </Printed>
    </svg>
  );
}
