import type { ReactNode } from 'react';
import {
  HowSmall,
  type LessonUnit,
  OnScale,
  ThreeTimes,
  VernierLines,
} from '../drawings/lessonFigures';

export interface LessonStep {
  title: string;
  words: string[];
  figure: (unit: LessonUnit) => ReactNode;
}

/** The words of a step in one unit or the other. */
type InUnit = Record<LessonUnit, string[]>;

const step = (title: string, words: InUnit, figure: LessonStep['figure']) => ({
  title,
  words,
  figure,
});

const STEPS = [
  step(
    'How small is it?',
    {
      mm: [
        'A hair is about 0.07 mm thick, a sheet of paper 0.1 mm, a coin some 2 mm.',
        'A micrometer tells a hundredth of a millimetre, 0.01 mm: a seventh of a hair. A good one tells a thousandth.',
      ],
      in: [
        'A hair is about 0.003 in thick, a sheet of paper 0.004 in, a coin some 0.080 in.',
        'The trade says “thou” for 0.001 in: a third of a hair. A “tenth” is a tenth of a thou, 0.0001 in.',
      ],
    },
    (unit) => <HowSmall unit={unit} />,
  ),
  step(
    'A screw makes it large',
    {
      mm: [
        'Nobody sees 0.01 mm. A screw makes it large: its thread climbs 0.5 mm a turn.',
        'Round the thimble are 50 lines. One line on is a fiftieth of half a millimetre: 0.5 ÷ 50 = 0.01 mm.',
      ],
      in: [
        'Nobody sees 0.001 in. A screw makes it large: it has 40 threads to the inch, so that a turn is 1 ÷ 40 = 0.025 in.',
        'Round the thimble are 25 lines. One line on is 0.025 ÷ 25 = 0.001 in.',
      ],
    },
    (unit) => <OnScale unit={unit} counts={{ sleeve: 0, thimble: 1 }} lit="fine" />,
  ),
  step(
    'Coarse first',
    {
      mm: [
        'Read the sleeve first: the last figure that the edge of the thimble has passed, then the whole millimetres after it.',
        'Here 5 is passed, and two more lines above: 7 mm.',
      ],
      in: [
        'Read the sleeve first: the last figure that the edge of the thimble has passed is tenths of an inch.',
        'Then the short lines after it, 0.025 in each. Here 2 is passed, and three lines after it: 0.200 + 0.075 = 0.275 in.',
      ],
    },
    (unit) => (
      <OnScale
        unit={unit}
        counts={unit === 'mm' ? { sleeve: 14, thimble: 0 } : { sleeve: 11, thimble: 0 }}
        lit="coarse"
      />
    ),
  ),
  step(
    'Then the short lines',
    {
      mm: [
        'Below the middle line stand the half millimetres. Where one shows after the last whole one, it adds 0.5 mm.',
        'Here it shows: 7.5 mm. It is the line that is overlooked most.',
      ],
      in: [
        'Count the short lines after the figure and say them: one is 0.025, two 0.050, three 0.075.',
        'There is never a fourth: the fourth is the next figure.',
      ],
    },
    (unit) => (
      <OnScale
        unit={unit}
        counts={unit === 'mm' ? { sleeve: 15, thimble: 0 } : { sleeve: 10, thimble: 0 }}
        lit="coarse"
      />
    ),
  ),
  step(
    'Then the fine part, and add',
    {
      mm: [
        'Now the thimble: the line at the middle line, or the last one that has passed it. Here 28, which is 0.28 mm.',
        'Add: 7.00 + 0.50 + 0.28 = 7.78 mm.',
      ],
      in: [
        'Now the thimble: the line at the middle line, or the last one that has passed it. Here 13, which is 0.013 in.',
        'Add: 0.200 + 0.075 + 0.013 = 0.288 in.',
      ],
    },
    (unit) => (
      <OnScale
        unit={unit}
        counts={unit === 'mm' ? { sleeve: 15, thimble: 28 } : { sleeve: 11, thimble: 13 }}
        lit="fine"
      />
    ),
  ),
  step(
    'The line that counts',
    {
      mm: [
        'Sometimes a line of the sleeve just shows at the edge, and nobody knows: does it count? Ask the thimble.',
        'Here it stands at 47: it has not come round to its zero. The line that just shows does not count yet. Past zero it counts, even where it seems hidden.',
      ],
      in: [
        'Sometimes a line of the sleeve just shows at the edge, and nobody knows: does it count? Ask the thimble.',
        'Here it stands at 23: it has not come round to its zero. The line that just shows does not count yet. Past zero it counts, even where it seems hidden.',
      ],
    },
    (unit) => (
      <OnScale
        unit={unit}
        counts={unit === 'mm' ? { sleeve: 13, thimble: 47 } : { sleeve: 9, thimble: 23 }}
        lit="fine"
      />
    ),
  ),
  step(
    'A vernier splits one more time',
    {
      mm: [
        'On a slide there is no screw. Ten lines of the vernier are as long as nine of the beam: each is a tenth shorter.',
        'So where the third line of the vernier meets a line of the beam, its zero stands three tenths past one. Look for the one line that meets.',
      ],
      in: [
        'On a slide there is no screw. Ten lines of the vernier are as long as nine of the beam: each is a tenth shorter.',
        'So where the third line of the vernier meets a line of the beam, its zero stands three tenths past one. Look for the one line that meets.',
      ],
    },
    () => <VernierLines lines={10} meets={3} />,
  ),
  step(
    'Zero first',
    {
      mm: [
        'Before the first reading: wipe both faces, close them gently, and read. This should be zero.',
        'Here it shows 0.02 mm: everything read now would be 0.02 mm too large. Set it to zero, or take it off each time.',
      ],
      in: [
        'Before the first reading: wipe both faces, close them gently, and read. This should be zero.',
        'Here it shows 0.002 in: everything read now would be two thou too large. Set it to zero, or take it off each time.',
      ],
    },
    (unit) => <OnScale unit={unit} counts={{ sleeve: 0, thimble: 2 }} lit="fine" />,
  ),
  step(
    'Why more than once',
    {
      mm: [
        'Lift the gauge off and read again. Two that agree bear each other out.',
        'A slip stands alone: it is half a millimetre off, or a whole figure. Do not average it in: find it, and strike it.',
      ],
      in: [
        'Lift the gauge off and read again. Two that agree bear each other out.',
        'A slip stands alone: it is 0.025 in off, or a whole figure. Do not average it in: find it, and strike it.',
      ],
    },
    (unit) => <ThreeTimes unit={unit} />,
  ),
];

export const lessonSteps = (unit: LessonUnit): LessonStep[] =>
  STEPS.map(({ title, words, figure }) => ({ title, words: words[unit], figure }));
