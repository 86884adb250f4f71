import type { ReactElement } from 'react';

/** Small figures for the words of the trade: the part in metal, what the word is about drawn bold, all far larger than it is. */

const metal = 'fill-metal stroke-ink';
const bold = 'fill-none stroke-ink';
const thin = 'fill-none stroke-quiet';
const axis = <path d="M4 40h112" className={thin} strokeDasharray="10 3 2 3" />;

/** The two walls of a shaft down its length. */
const walls = (upper: string, lower: string) => (
  <>
    <path d={`M14 ${upper}L106 ${lower}z`} className={metal} strokeWidth="2.5" />
    {axis}
  </>
);

const limits = (
  <>
    <path d="M6 60h108" className={thin} />
    <path d="M34 22v38M86 22v38" className={bold} strokeWidth="3" />
  </>
);

const DRAWN = {
  nominal: (
    <>
      {limits}
      <path d="M60 14v46" className={thin} strokeDasharray="4 4" />
      <path d="M34 22h52" className={bold} />
    </>
  ),
  tolerance: (
    <>
      {limits}
      <rect x="34" y="30" width="52" height="30" className="fill-in" opacity="0.25" />
      <path d="M34 70h52M34 65v10M86 65v10" className={bold} />
    </>
  ),
  deviation: (
    <>
      <path d="M60 12v56" className={bold} strokeDasharray="4 4" />
      <path d="M60 40h32M84 33l8 7-8 7" className={bold} strokeWidth="3" />
    </>
  ),
  guard: (
    <>
      {limits}
      <rect x="26" y="30" width="16" height="30" className="fill-near" opacity="0.5" />
      <rect x="78" y="30" width="16" height="30" className="fill-near" opacity="0.5" />
    </>
  ),
  uncertainty: (
    <>
      <path d="M6 60h108" className={thin} />
      <path d="M60 22v38" className={bold} strokeWidth="5" />
      <path d="M36 41h48M36 34v14M84 34v14" className={bold} strokeWidth="2.5" />
    </>
  ),
  spread: (
    <>
      <path d="M6 60h108" className={thin} />
      <path d="M40 40v20M52 40v20M66 40v20M80 40v20" className={bold} strokeWidth="2.5" />
      <path d="M40 30h40M40 25v10M80 25v10" className={bold} />
    </>
  ),
  slip: (
    <>
      <path d="M6 60h108" className={thin} />
      <path d="M40 40v20M46 40v20" className={bold} strokeWidth="2.5" />
      <path d="M98 40v20" className={bold} strokeWidth="2.5" />
      <path d="M88 20l20 20M108 20l-20 20" className={bold} strokeWidth="2.5" />
    </>
  ),
  taper: walls('22L106 30V50L14 58V22M106 50', '50'),
  barrel: walls('30Q60 10 106 30V50Q60 70 14 50V30M106 50', '50'),
  waist: walls('20Q60 44 106 20V60Q60 36 14 60V20M106 60', '60'),
  'bell-mouth': (
    <>
      <path d="M14 6h92v22H46Q26 27 14 12zM14 74h92V52H46Q26 53 14 68z" className={metal} />
      {axis}
    </>
  ),
  round: (
    <>
      <ellipse cx="60" cy="40" rx="38" ry="28" className={metal} strokeWidth="2.5" />
      <circle cx="60" cy="40" r="33" className={thin} strokeDasharray="4 4" />
    </>
  ),
  lobes: (
    <>
      <path
        d="M60 8C78 8 80 26 86 36C94 50 96 62 82 68C70 72 66 66 60 66C54 66 50 72 38 68C24 62 26 50 34 36C40 26 42 8 60 8z"
        className={metal}
        strokeWidth="2.5"
      />
      <circle cx="60" cy="42" r="29" className={thin} strokeDasharray="4 4" />
    </>
  ),
  section: (
    <>
      <path d="M14 20h92v40H14z" className={metal} />
      {axis}
      <path d="M36 10v60M60 10v60M84 10v60" className={bold} strokeWidth="2.5" />
    </>
  ),
  axis: (
    <>
      <circle cx="60" cy="40" r="32" className={metal} />
      <path d="M60 2v76M22 40h76" className={bold} strokeWidth="2.5" />
    </>
  ),
  runout: (
    <>
      <circle cx="64" cy="46" r="26" className={metal} />
      <circle cx="58" cy="46" r="26" className={thin} strokeDasharray="4 4" />
      <path d="M64 20V4M56 4h16" className={bold} strokeWidth="3" />
      <path d="M58 46h6" className={bold} strokeWidth="3" />
    </>
  ),
  clearance: (
    <>
      <path d="M10 12h100v14H10zM10 54h100v14H10z" className={metal} />
      <path d="M24 32h92v16H24z" className={metal} />
    </>
  ),
  interference: (
    <>
      <path d="M10 12h60v16H10zM10 52h60v16H10z" className={metal} />
      <path d="M50 24h66v32H50z" className={metal} />
      <path d="M50 24h20v4H50zM50 52h20v4H50z" className="fill-ink" />
    </>
  ),
  wear: (
    <>
      <path d="M14 20h92v40H14z" className={thin} strokeDasharray="4 4" />
      <path
        d="M14 20h24q22 14 44 0h24v40H82q-22 -14 -44 0H14z"
        className={metal}
        strokeWidth="2.5"
      />
    </>
  ),
  vernier: (
    <>
      <path d="M10 38h100" className={bold} strokeWidth="2.5" />
      <path d="M20 38V18M40 38V18M60 38V18M80 38V18M100 38V18" className={bold} />
      <path d="M16 38v16M34.5 38v16M53 38v16M71.5 38v16M90 38v16" className={bold} />
      <path d="M60 8v58" className={thin} strokeDasharray="3 3" />
    </>
  ),
  thimble: (
    <>
      <path d="M8 26h44v28H8z" className={metal} />
      <path d="M52 14h56v52H52z" className={metal} />
      <path d="M8 40h44M18 40V30M28 40V30M38 40V30M23 40v8M33 40v8" className={bold} />
      <path d="M52 24h10M52 40h16M52 56h10" className={bold} />
    </>
  ),
  parallax: (
    <>
      <path d="M12 66h96M30 66v-8M50 66v-8M70 66v-8M90 66v-8" className={bold} />
      <path d="M70 44v16" className={bold} strokeWidth="3" />
      <path d="M98 10L70 52 58 66" className={thin} strokeDasharray="4 3" />
      <circle cx="100" cy="10" r="5" className={bold} />
    </>
  ),
  'turning-point': (
    <>
      <path d="M10 14Q60 110 110 14" className={bold} strokeWidth="2.5" />
      <circle cx="60" cy="62" r="5" className="fill-ink" />
    </>
  ),
  zero: (
    <>
      <path d="M30 14h14v52H30zM58 14h14v52H58z" className={metal} />
      <path d="M44 40h14M50 34l-6 6 6 6M52 34l6 6-6 6" className={bold} />
    </>
  ),
  block: (
    <>
      <path
        d="M20 14h80v16H20zM20 30h80v24H20zM20 54h80v8H20z"
        className={metal}
        strokeWidth="2.5"
      />
    </>
  ),
  leaves: (
    <>
      <path d="M14 16h56v14H14zM14 50h56v14H14z" className={metal} />
      <path d="M40 36h70v3H40zM40 41h70v5H40z" className="fill-ink" />
    </>
  ),
  cut: (
    <>
      <path d="M10 24h100v36H10z" className={metal} />
      <path d="M10 24h52v8H10z" className="fill-paper stroke-ink" strokeDasharray="3 3" />
      <path d="M62 32l12-26h12z" className={metal} />
    </>
  ),
  depth: (
    <>
      <path d="M10 40h30v26h40V40h30v34H10z" className={metal} />
      <path d="M60 24v40M52 30l8-8 8 8M54 58l6 8 6-8" className={bold} />
    </>
  ),
  backlash: (
    <>
      <path d="M20 40h80M90 32l10 8-10 8" className={bold} strokeWidth="2.5" />
      <path d="M100 58H44M54 50l-10 8 10 8" className={bold} strokeWidth="2.5" />
      <path d="M20 30v20M44 48v20" className={thin} />
    </>
  ),
  thread: (
    <>
      <path
        d="M10 16h100v12l-10 20-10-20-10 20-10-20-10 20-10-20-10 20-10-20-10 20-10-20-10 20z"
        className={metal}
      />
      <path d="M60 62h20M60 57v10M80 57v10" className={bold} />
    </>
  ),
} satisfies Record<string, ReactElement>;

export type WordFigureName = keyof typeof DRAWN;

export function WordFigure({ name, words }: { name: WordFigureName; words: string }) {
  return (
    <svg
      viewBox="0 0 120 80"
      className="block w-28 shrink-0"
      strokeWidth="2"
      role="img"
      aria-label={words}
    >
      {DRAWN[name]}
    </svg>
  );
}
