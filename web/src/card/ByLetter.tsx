import { useState } from 'react';
import type { Schemas } from '../api/client';
import { Choice } from '../ui/Choice';

type Class = Pick<Schemas['ZoneView'], 'letter' | 'grade'>;

interface Both {
  hole?: Class | null | undefined;
  shaft?: Class | null | undefined;
}

interface ByLetterProps extends Both {
  classes: Schemas['ClassesView'];
  /** As it is typed. */
  size: string;
  /** All that stands in the field now; what is known of hole and shaft may answer what stood there before. */
  text: string;
  onText: (text: string) => void;
}

const USUAL = { hole: 7, shaft: 6 };

/** Letter by letter, grade by grade: each choice is typed into the text. */
export function ByLetter({ classes, size, text, onText, ...answered }: ByLetterProps) {
  /** A hand may be faster than the answer: the second choice goes with the first. */
  const [picked, setPicked] = useState<Both & { text: string }>();
  const { hole, shaft } = picked?.text === text ? picked : answered;
  const put = (...both: (Class | null | undefined)[]) => {
    const [newHole, newShaft] = both.map((each) => (each?.letter ? each : undefined));
    const written = [newHole, newShaft].flatMap((each) =>
      each ? [`${each.letter}${each.grade}`] : [],
    );
    const now = [size, written.join('/')].filter(Boolean).join(' ');
    setPicked({ text: now, hole: newHole, shaft: newShaft });
    onText(now);
  };
  const holeGrade = hole?.grade ?? USUAL.hole;
  const shaftGrade = shaft?.grade ?? USUAL.shaft;
  return (
    <div className="grid grid-cols-4 gap-2">
      <Choice
        label="Hole"
        value={hole?.letter ?? ''}
        choices={letters(classes.holes)}
        onChoose={(letter) => put({ letter, grade: holeGrade }, shaft)}
      />
      <Choice
        label="Grade"
        value={String(holeGrade)}
        choices={numbers(classes.grades)}
        onChoose={(grade) => put(hole && { letter: hole.letter, grade: Number(grade) }, shaft)}
      />
      <Choice
        label="Shaft"
        value={shaft?.letter ?? ''}
        choices={letters(classes.shafts)}
        onChoose={(letter) => put(hole, { letter, grade: shaftGrade })}
      />
      <Choice
        label="Grade"
        value={String(shaftGrade)}
        choices={numbers(classes.grades)}
        onChoose={(grade) => put(hole, shaft && { letter: shaft.letter, grade: Number(grade) })}
      />
    </div>
  );
}

const letters = (all: string[]): Record<string, string> =>
  Object.fromEntries([['', 'none'], ...all.map((each) => [each, each])]) as Record<string, string>;

const numbers = (all: number[]): Record<string, string> =>
  Object.fromEntries(all.map((each) => [String(each), String(each)]));
