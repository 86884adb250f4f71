import type { ReactNode } from 'react';
import type { Scale } from '../api/client';
import { ScrewFigure, VernierFigure } from './howFigures';

export interface How {
  title: string;
  /** The parts that the drawn figure stands at, and which of them it points at. */
  counts: Record<string, number>;
  lit: string;
  why: (scale: Scale) => ReactNode;
  steps: string[];
}

const screw = ({ unit, parts }: Scale) => {
  const lines = (parts[1]?.last ?? 0) + 1;
  return (
    <>
      <ScrewFigure inch={unit === 'in'} />
      <p>
        {unit === 'in'
          ? `The screw has 40 threads to the inch, so one turn moves it 1/40 of an inch: 0.025. The sleeve has a line for each turn, and the thimble splits the turn into ${lines}.`
          : `The screw has a pitch of half a millimetre, so one turn moves it 0.5. The sleeve has a line for each turn, whole millimetres on one side and halves on the other, and the thimble splits the turn into ${lines}.`}
      </p>
    </>
  );
};

const vernierOf = (lines: number, division: string, step: string) => (
  <>
    <VernierFigure lines={lines} />
    <p>
      The vernier has {lines} spaces in the room of {lines - 1} divisions: each of its spaces falls
      short by one {lines}th of a division. When the zero stands one {lines}th past a line, the
      first vernier line meets the next; when it stands two past, the second does, and so on. So the
      line that meets counts the {lines}ths: a division of {division} over {lines} is {step}.
    </p>
  </>
);

/** By family, and for heads by how their figures run. */
const HOW: Record<string, How> = {
  thimble: {
    title: 'How a thimble is read',
    counts: { sleeve: 17, thimble: 12 },
    lit: 'sleeve',
    steps: [
      'The sleeve: the last line that the thimble’s edge has left free. Figures first, then the lines after the figure.',
      'The thimble: the line on the index, or the last one that has passed it.',
      'A sleeve line that only just shows counts when the thimble is past its zero, and not before.',
      'Add what the frame or the rods bring.',
    ],
    why: screw,
  },
  'thimble with vernier': {
    title: 'How a thimble with a vernier is read',
    counts: { sleeve: 17, thimble: 12, vernier: 3 },
    lit: 'vernier',
    steps: [
      'The sleeve: the last line that the thimble’s edge has left free.',
      'The thimble: the last line that has passed the index. Never round it up: the vernier has the rest.',
      'The vernier, around the sleeve: the lowest line that meets any line of the thimble. Its own figure counts, not the thimble’s.',
      'Add what the frame brings.',
    ],
    why: (scale) => (
      <>
        {screw(scale)}
        {vernierOf(
          (scale.parts[2]?.last ?? 0) + 1,
          scale.unit === 'in' ? '0.001 in' : '0.01 mm',
          `${scale.leastCount.text} ${scale.unit}`,
        )}
      </>
    ),
  },
  covering: {
    title: 'How a depth head is read',
    counts: { sleeve: 14, thimble: 8 },
    lit: 'sleeve',
    steps: [
      'The sleeve: what counts is covered. Take the lowest figure in sight; the one before it is the last one hidden.',
      'Then the lines hidden after that figure.',
      'The thimble, whose figures run the other way too: the last one that has passed the index.',
      'Add the length at which the rod starts.',
    ],
    why: (scale) => (
      <>
        {screw(scale)}
        <p className="mt-2">
          On an outside head the thimble moves off the scale as the gap opens, so the lines in sight
          count. A depth head’s rod goes out as the thimble comes down over the scale: the deeper
          the rod, the more is hidden. So the lines that are covered count, and the ones in sight
          are what is left to go.
        </p>
      </>
    ),
  },
  both: {
    title: 'How a stage head is read',
    counts: { sleeve: 17, thimble: 62 },
    lit: 'thimble',
    steps: [
      'Read where the one edge stands: sleeve, then thimble.',
      'Move on, always in the same direction, and read where the other edge stands.',
      'The distance is the difference. Going against the figures, use the other row.',
    ],
    why: (scale) => (
      <>
        {screw(scale)}
        <p className="mt-2">
          A screw has a little play in its nut. Coming to both edges from the same side leaves the
          same play in both readings, and the difference is free of it.
        </p>
      </>
    ),
  },
  vernier: {
    title: 'How a vernier slide is read',
    counts: { main: 14, line: 6 },
    lit: 'line',
    steps: [
      'The main scale: the line at or left of the vernier’s zero. Never the edge of the slide.',
      'How far has the zero gone past it? A third, nearly all? Remember that.',
      'The vernier: the one line that meets a line of the main scale. It must agree with what you remembered.',
      'Inside with nibs: add their width.',
    ],
    why: ({ parts, leastCount, unit }) =>
      vernierOf(
        (parts[1]?.last ?? 0) + 1,
        unit === 'in' ? `${(parts[0]?.divisionPm ?? 0) / 25.4e9} in` : '1 mm',
        `${leastCount.text} ${unit}`,
      ),
  },
  dial: {
    title: 'How a slide with a dial is read',
    counts: { beam: 13, dial: 31 },
    lit: 'beam',
    steps: [
      'The beam: the last line that the slide’s edge has left free.',
      'The dial: the line under the needle, or the last one it has passed; a tenth may be judged between two.',
      'A beam line that seems to touch the edge counts when the needle is past zero, and not before.',
    ],
    why: ({ turnPm, parts, unit }) => {
      const perUnit = unit === 'in' ? 25.4e9 : 1e9;
      const turn = (turnPm ?? 0) / perUnit;
      const beam = (parts[0]?.divisionPm ?? 0) / perUnit;
      const lines = (parts[1]?.last ?? 0) + 1;
      return (
        <p>
          A rack on the beam turns the needle once in {turn} {unit}, and the face splits that turn
          into {lines}.{' '}
          {turn > beam
            ? `One turn takes in ${Math.round(turn / beam)} lines of the beam, so the line and the needle must agree: when they cannot both be, look at the line again.`
            : 'One turn is one line of the beam: the needle tells how far the edge stands past it.'}
        </p>
      );
    },
  },
  comparator: {
    title: 'How a bore gauge’s dial is read',
    counts: { needle: -8 },
    lit: 'needle',
    steps: [
      'Set it to a known size, the needle at zero.',
      'Push the contact in with a thumb: the size gets smaller. Look which way the figures go.',
      'In the bore, rock it and read where the needle turns back.',
      'Set size, plus or minus what the needle shows, by the way the figures go.',
    ],
    why: ({ leastCount, unit }) => (
      <p>
        It compares and does not measure: only the difference from the size it was set to is on the
        dial, {leastCount.text} {unit} a line. That small difference can be read very finely, and a
        wrong set size spoils everything.
      </p>
    ),
  },
  digits: {
    title: 'How a display is read',
    counts: { shown: 1.25 },
    lit: 'shown',
    steps: [
      'Look at the unit first.',
      'Close it: does it show zero?',
      'Read every digit from the left, the point with them.',
    ],
    why: ({ leastCount, unit }) => (
      <p>
        Its last place goes by {leastCount.text} {unit}: between two figures it cannot show
        anything, and it may be off by more than that.
      </p>
    ),
  },
  rule: {
    title: 'How a rule is read',
    counts: { mark: 83 },
    lit: 'mark',
    steps: [
      'Begin at a figure, not at a worn end, and take it off again.',
      'Look square onto the edge of the part.',
      'The nearest line counts; longer lines are halves, quarters, eighths.',
    ],
    why: ({ unit }) => (
      <p>
        {unit === 'in'
          ? 'Each inch is halved again and again: 2, 4, 8, 16, 32, 64 parts, and each halving has its own length of line. Bring the fraction to its lowest terms as you find the longest line.'
          : 'Each centimetre has ten millimetres, and each millimetre a half between.'}
      </p>
    ),
  },
  feeler: {
    title: 'How feelers are read',
    counts: { '0.1': 1, '0.3': 1, '0.01': 1, '0.025': 1 },
    lit: '0.3',
    steps: [
      'Wipe the leaves: oil has a thickness.',
      'Find the thickest that passes with a light drag, and the next that does not.',
      'Take as few together as you can; more than four spring apart.',
      'The gap is the sum of those that pass together.',
    ],
    why: () => (
      <p>
        Each leaf has one known thickness. Laid flat together, without dirt between, they add up.
      </p>
    ),
  },
};

/** How a scale is read; undefined for a family that is not explained. */
export function howOf({ family, runs, parts }: Scale): How | undefined {
  if (family !== 'thimble') {
    return HOW[family];
  }
  return HOW[runs !== 'opening' ? runs : parts.length > 2 ? 'thimble with vernier' : 'thimble'];
}
