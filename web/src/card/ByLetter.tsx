import type { Schemas } from '../api/client';
import { Choice } from '../ui/Choice';

type Zone = Schemas['ZoneView'];

interface ByLetterProps {
  classes: Schemas['ClassesView'];
  /** As it is typed. */
  size: string;
  hole: Zone | null | undefined;
  shaft: Zone | null | undefined;
  onText: (text: string) => void;
}

const USUAL = { hole: 7, shaft: 6 };

/** Letter by letter, grade by grade: each choice is typed into the text. */
export function ByLetter({ classes, size, hole, shaft, onText }: ByLetterProps) {
  const put = (...both: (Pick<Zone, 'letter' | 'grade'> | null | undefined)[]) => {
    const written = both.flatMap((each) => (each?.letter ? [`${each.letter}${each.grade}`] : []));
    onText([size, written.join('/')].filter(Boolean).join(' '));
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
