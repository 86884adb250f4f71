import type { ReactElement } from 'react';

/** How a gauge stands on the part: the part hatched, the gauge in metal, what is moved as a curved arrow. */

const metal = 'fill-metal stroke-ink';
const part = 'fill-paper stroke-ink';
const move = 'fill-none stroke-now';

/** An arc with an arrow at both ends, for what is rocked or swung. */
function Rock({ x, y, r, tall = false }: { x: number; y: number; r: number; tall?: boolean }) {
  const [dx, dy] = tall ? [0, r] : [r, 0];
  const bow = tall ? `${x + r * 0.5} ${y}` : `${x} ${y - r * 0.5}`;
  return (
    <path
      d={`M${x - dx} ${y - dy}Q${bow} ${x + dx} ${y + dy}`}
      className={move}
      strokeWidth="3"
      markerStart="url(#arrow)"
      markerEnd="url(#arrow)"
    />
  );
}

/** A bore seen along its axis, and beside it cut open along its depth. */
function Bore() {
  return (
    <>
      <rect x="16" y="20" width="160" height="160" className={part} />
      <circle cx="96" cy="100" r="58" className="fill-panel stroke-ink" />
      <path d="M220 20h40v160h-40zM340 20h40v160h-40z" className={part} />
      <path
        d="M220 60l40-40M220 100l40-40M220 140l40-40M220 180l40-40M340 60l40-40M340 100l40-40M340 140l40-40M340 180l40-40"
        className="stroke-line"
      />
      <path d="M300 14v172" className="stroke-quiet" strokeDasharray="12 4 2 4" />
      <path d="M96 30v140M26 100h140" className="stroke-quiet" strokeDasharray="12 4 2 4" />
    </>
  );
}

/** What spans the bore, in both views. */
function Across({ children }: { children: ReactElement }) {
  return (
    <>
      <Bore />
      {children}
      <Rock x={96} y={34} r={26} />
      <Rock x={388} y={100} r={26} tall />
    </>
  );
}

const DRAWN = {
  'jaws-outside': (
    <>
      <circle cx="150" cy="120" r="52" className={part} />
      <path d="M60 20h280v26H60z" className={metal} />
      <path d="M70 46h28v110l-8 20H70z" className={metal} />
      <path d="M196 14h90v38H230v124h-20l-8-20V52h-6z" className={metal} />
      <Rock x={150} y={196} r={34} />
      <text x="300" y="110" className="fill-ink text-[17px]" textAnchor="middle">
        deep in the jaws
      </text>
      <path d="M236 104h-20" className="stroke-quiet" />
    </>
  ),
  'jaws-inside': (
    <Across>
      <>
        <path d="M38 100h10v-70h-6zM154 100h-10v-70h6z" className={metal} />
        <path d="M260 100h8v-86h-8zM340 100h-8v-86h8z" className={metal} />
      </>
    </Across>
  ),
  'depth-rod': (
    <>
      <path d="M40 80h90v100h140V80h90v116H40z" className={part} />
      <path d="M120 50h160v30H120z" className={metal} />
      <path d="M186 14h28v36h-28z" className={metal} />
      <path d="M190 80h16v92l-6 8h-10z" className={metal} />
      <Rock x={200} y={36} r={70} />
    </>
  ),
  step: (
    <>
      <path d="M40 190v-60h150V80h170v110z" className={part} />
      <path d="M150 20h26v110h-26z" className={metal} />
      <path d="M176 30h60v50h-60z" className={metal} />
      <Rock x={163} y={18} r={40} />
    </>
  ),
  frame: (
    <>
      <path
        d="M70 96h30V60q0-40 60-40t60 40v36h20V50Q240 0 160 0T76 50z"
        transform="translate(0 14)"
        className={metal}
      />
      <circle cx="142" cy="118" r="40" className={part} />
      <path d="M76 108h26v20H76zM182 110h66v16h-66z" className={metal} />
      <path d="M248 102h120v32H248z" className={metal} />
      <path d="M262 102v32M276 102v32M290 102v32" className="stroke-quiet" />
      <Rock x={142} y={186} r={40} />
    </>
  ),
  'bar-in-bore': (
    <Across>
      <>
        <path d="M38 94h116v12H38z" className={metal} />
        <path d="M260 94h80v12h-80z" className={metal} />
      </>
    </Across>
  ),
  'depth-head': (
    <>
      <path d="M40 110h90v76h140v-76h90v90H40z" className={part} />
      <path d="M110 92h180v18H110z" className={metal} />
      <path d="M182 20h36v72h-36z" className={metal} />
      <path d="M186 30h28M186 40h28M186 50h28M186 60h28" className="stroke-quiet" />
      <path d="M194 110h12v76h-12z" className={metal} />
      <Rock x={200} y={90} r={110} />
    </>
  ),
  telescope: (
    <Across>
      <>
        <path d="M38 92h70v16H38zM108 95h46v10h-46z" className={metal} />
        <path d="M260 92h50v16h-50zM310 95h30v10h-30zM292 14h12v78h-12z" className={metal} />
      </>
    </Across>
  ),
  ball: (
    <Across>
      <>
        <circle cx="96" cy="100" r="56" className={metal} />
        <path d="M92 46h8v108h-8z" className="fill-panel stroke-ink" />
        <path d="M262 100a38 38 0 0 1 76 0 38 38 0 0 1-76 0zM294 14h12v52h-12z" className={metal} />
      </>
    </Across>
  ),
  'bore-gauge': (
    <Across>
      <>
        <path d="M38 95h116v10H38z" className={metal} />
        <path d="M120 70h10v60h-10z" className={metal} />
        <path d="M260 95h80v10h-80zM294 14h12v81h-12z" className={metal} />
      </>
    </Across>
  ),
  'three-contact': (
    <>
      <Bore />
      {[90, 210, 330].map((angle) => (
        <path
          key={angle}
          d="M22 -7h36v14h-36z"
          transform={`translate(96 100) rotate(${angle})`}
          className={metal}
        />
      ))}
      <circle cx="96" cy="100" r="24" className={metal} />
      <path d="M260 92h80v16h-80zM290 14h20v78h-20z" className={metal} />
    </>
  ),
  'v-block': (
    <>
      <path d="M90 196v-50l70 0 40 34 40-34h70v50z" className={part} />
      <circle cx="200" cy="112" r="52" className="fill-panel stroke-ink" />
      <path d="M196 10h8v50h-8z" className={metal} />
      <circle cx="200" cy="20" r="24" className={metal} />
      <path d="M200 20l12-14" className="stroke-ink" strokeWidth="3" />
      <path d="M262 92a64 64 0 0 1 0 40" className={move} strokeWidth="3" markerEnd="url(#arrow)" />
    </>
  ),
  feeler: (
    <>
      <path d="M40 40h220v52H40zM40 104h220v70H40z" className={part} />
      <path d="M180 94h190v8H180z" className={metal} />
      <path d="M340 122h-70" className={move} strokeWidth="3" markerEnd="url(#arrow)" />
    </>
  ),
  height: (
    <>
      <path d="M20 170h360v20H20z" className={part} />
      <path d="M90 110h90v60H90z" className={part} />
      <path d="M270 20h22v132h-22zM240 152h90v18h-90z" className={metal} />
      <path d="M180 104h90v-14h-60z" className={metal} />
      <path d="M232 140h-60" className={move} strokeWidth="3" markerEnd="url(#arrow)" />
    </>
  ),
  stage: (
    <>
      <path d="M60 120h280v40H60z" className={metal} />
      <path d="M130 70h110v50H130z" className={part} />
      <path d="M130 30v120M240 30v120" className="stroke-now" strokeDasharray="6 4" />
      <path d="M30 178h90" className={move} strokeWidth="3" markerEnd="url(#arrow)" />
      <path d="M142 178h90" className={move} strokeWidth="3" markerEnd="url(#arrow)" />
    </>
  ),
  pin: (
    <>
      <path d="M60 90h110v100H60zM230 90h110v100H230z" className={part} />
      <path d="M172 20h56v130h-56z" className={metal} />
      <path d="M260 30v50" className={move} strokeWidth="3" markerEnd="url(#arrow)" />
    </>
  ),
  rule: (
    <>
      <path d="M60 110h220v70H60z" className={part} />
      <path d="M40 80h330v30H40z" className={metal} />
      {Array.from({ length: 16 }, (_, i) => (
        <path key={i} d={`M${60 + i * 20} 110v-${i % 5 === 0 ? 18 : 10}`} className="stroke-ink" />
      ))}
    </>
  ),
} satisfies Record<string, ReactElement>;

export type FigureName = keyof typeof DRAWN;

export function TechniqueFigure({ name, words }: { name: FigureName; words: string }) {
  return (
    <svg
      viewBox="0 0 420 206"
      className="block w-full"
      strokeWidth="2"
      role="img"
      aria-label={words}
    >
      <defs>
        <marker
          id="arrow"
          viewBox="0 0 10 10"
          refX="8"
          refY="5"
          markerWidth="5"
          markerHeight="5"
          orient="auto-start-reverse"
        >
          <path d="M0 0l10 5-10 5z" className="fill-now" />
        </marker>
      </defs>
      {DRAWN[name]}
    </svg>
  );
}

/** The figure as it changes while the gauge is rocked: down to a smallest and up again, or up to a largest and down. */
export function TurningFigure({ seek }: { seek: 'smallest' | 'largest' | 'none' }) {
  if (seek === 'none') {
    return (
      <svg viewBox="0 0 120 70" className="w-24" aria-hidden="true">
        <path d="M8 40h104" className="fill-none stroke-quiet" strokeWidth="2.5" />
      </svg>
    );
  }
  const up = seek === 'largest';
  return (
    <svg viewBox="0 0 120 70" className="w-24" aria-hidden="true">
      <path
        d={up ? 'M8 60Q60 -30 112 60' : 'M8 10Q60 100 112 10'}
        className="fill-none stroke-ink"
        strokeWidth="2.5"
      />
      <circle cx="60" cy={up ? 15 : 55} r="6.5" className="fill-now" />
    </svg>
  );
}
