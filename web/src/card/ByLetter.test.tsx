import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { expect, test } from 'vitest';
import { ByLetter } from './ByLetter';

const CLASSES = { holes: ['H', 'K'], shafts: ['g', 'k'], grades: [6, 7], usual: [] };

/** The answer to the first text is all that there is: those to what is picked are on their way. */
function Slow() {
  const [text, setText] = useState('40 H7/g6');
  return (
    <>
      <output>{text}</output>
      <ByLetter
        classes={CLASSES}
        size="40"
        text={text}
        hole={{ letter: 'H', grade: 7 }}
        shaft={{ letter: 'g', grade: 6 }}
        onText={setText}
      />
    </>
  );
}

const pick = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

test('a second choice goes with the first, before that is answered', () => {
  render(<Slow />);
  pick('Shaft', 'k');
  pick('Hole', '');
  expect(screen.getByRole('status')).toHaveTextContent('40 k6');
  pick('Hole', 'K');
  expect(screen.getByRole('status')).toHaveTextContent('40 K7/k6');
});
