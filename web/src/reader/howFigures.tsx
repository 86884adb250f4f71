import { Printed, Tick } from '../drawings/marks';

/** A screw beside a scale: one turn of it is one line. */
export function ScrewFigure({ inch }: { inch: boolean }) {
  const pitch = 26;
  const turns = 12;
  const left = 40;
  return (
    <svg viewBox="0 0 520 130" className="my-2 block w-full max-w-xl" aria-hidden="true">
      <path
        d={`M${left} 52 ${Array.from(
          { length: turns },
          (_, i) => `L${left + i * pitch + pitch / 2} 22 L${left + (i + 1) * pitch} 52`,
        ).join(' ')}`}
        className="fill-metal stroke-ink"
        strokeWidth="1.8"
      />
      <path
        d={`M${left} 52 H${left + turns * pitch} V64 H${left} Z`}
        className="fill-metal-dark stroke-ink"
        strokeWidth="1.8"
      />
      {Array.from({ length: turns + 1 }, (_, i) => (
        <Tick
          key={i}
          row="turn"
          x1={left + i * pitch}
          x2={left + i * pitch}
          y1={72}
          y2={i % 4 === 0 ? 96 : 86}
          width={i % 4 === 0 ? 2.4 : 1.6}
          now={i === 5 || i === 6}
        />
      ))}
      <Printed row="turn" x={left + 5.5 * pitch} y={112} now size="text-[18px]">
        {inch ? 'one turn: 0.025 in' : 'one turn: 0.5 mm'}
      </Printed>
    </svg>
  );
}

/** n spaces of a vernier in the room of n − 1 divisions, the third line meeting. */
export function VernierFigure({ lines }: { lines: number }) {
  const shown = Math.min(lines, 10);
  const pitch = 40;
  const zero = 70;
  const meets = 3;
  const start = zero - (meets / shown) * pitch;
  return (
    <svg viewBox="0 0 520 120" className="my-2 block w-full max-w-xl" aria-hidden="true">
      <Tick row="between" x1={20} x2={510} y1={56} y2={56} width={1.2} />
      {Array.from({ length: shown + 1 }, (_, i) => (
        <Tick
          key={`main ${i}`}
          row="main"
          x1={start + i * pitch}
          x2={start + i * pitch}
          y1={20}
          y2={56}
          width={1.8}
          now={i === meets}
        />
      ))}
      {Array.from({ length: shown + 1 }, (_, i) => {
        const x = zero + (i * pitch * (shown - 1)) / shown;
        return (
          <g key={`line ${i}`}>
            <Tick row="line" x1={x} x2={x} y1={56} y2={88} width={1.8} now={i === meets} />
            <Printed row="line" x={x} y={102} now={i === meets} size="text-[17px]">
              {String(i)}
            </Printed>
          </g>
        );
      })}
    </svg>
  );
}
