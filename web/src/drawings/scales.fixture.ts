import type { Scale } from '../api/client';

/** The outside thimbles as the server describes them. */

const length = (pm: number) => ({ pm, text: '', unit: '', other: '' });

function thimble(
  id: string,
  unit: string,
  sleeve: [divisionPm: number, last: number, figureEvery: number],
  lines: number,
  vernierLines: number,
): Scale {
  const [sleevePm, last, figureEvery] = sleeve;
  const thimblePm = sleevePm / lines;
  const finest = vernierLines === 0 ? thimblePm : thimblePm / vernierLines;
  return {
    id,
    family: 'thimble',
    unit,
    leastCount: length(finest),
    figureEvery,
    parts: [
      { name: 'sleeve', divisionPm: sleevePm, last, estimate: false },
      { name: 'thimble', divisionPm: thimblePm, last: lines - 1, estimate: vernierLines === 0 },
      ...(vernierLines === 0
        ? []
        : [{ name: 'vernier', divisionPm: finest, last: vernierLines - 1, estimate: false }]),
    ],
    traps: [],
  };
}

const INCH: [number, number, number] = [635_000_000, 40, 4];
const METRIC: [number, number, number] = [500_000_000, 50, 10];

export const scales: Scale[] = [
  thimble('mic-in-001', 'in', INCH, 25, 0),
  thimble('mic-in-0001', 'in', INCH, 25, 10),
  thimble('mic-mm-001', 'mm', METRIC, 50, 0),
  thimble('mic-mm-0002', 'mm', METRIC, 50, 5),
  thimble('mic-mm-0001', 'mm', METRIC, 50, 10),
];

export function scaleOf(id: string): Scale {
  const scale = scales.find((each) => each.id === id);
  if (scale === undefined) {
    throw new Error(`No scale ${id}`);
  }
  return scale;
}
