import { Link } from 'react-router';
import { VerdictMark } from '../drawings/VerdictMark';
import { WordFigure } from '../drawings/wordFigures';
import { CardField } from './CardField';
import { CardPage } from './CardPage';
import { useTyped } from './useTyped';
import { type Word, WORDS } from './wordList';

/** Each word of the program with what it means and a picture of it. */
export function WordsPart() {
  const [{ word }, change] = useTyped({ word: '' });
  const found = WORDS.filter((each) => isFound(each, word.trim().toLowerCase()));
  return (
    <CardPage part="words">
      <div className="max-w-md">
        <CardField
          first
          label="A word"
          value={word}
          hint="taper, U, in doubt"
          refused={
            found.length === 0
              ? `“${word}” is none of these ${WORDS.length} words: type less of it.`
              : undefined
          }
          onType={(typed) => change({ word: typed })}
        />
      </div>
      <ul className="grid gap-x-8 tablet:grid-cols-2" aria-live="polite">
        {found.map((each) => (
          <li key={each.word} className="flex items-start gap-4 border-b border-line py-3">
            <Figure of={each} />
            <div>
              <p className="font-bold">
                {each.word}
                {each.also && <span className="label ml-3 font-normal">{each.also}</span>}
              </p>
              <p className="text-label">{each.means}</p>
              {each.at && (
                <Link
                  to={each.at}
                  className="text-label underline decoration-line underline-offset-4"
                >
                  where it is used
                </Link>
              )}
            </div>
          </li>
        ))}
      </ul>
    </CardPage>
  );
}

function Figure({ of }: { of: Word }) {
  if (of.figure) {
    return <WordFigure name={of.figure} words={`${of.word}, drawn`} />;
  }
  return (
    <span className="flex w-28 shrink-0 justify-center py-2">
      {of.mark && (
        <VerdictMark
          verdict={{ mark: of.mark, side: of.side ?? '' }}
          size={48}
          word={`the mark of ${of.word}`}
        />
      )}
    </span>
  );
}

const isFound = ({ word, also = '', means }: Word, sought: string): boolean =>
  sought === '' || [word, also, means].some((text) => text.toLowerCase().includes(sought));
