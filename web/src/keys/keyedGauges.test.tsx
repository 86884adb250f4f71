import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Strays } from '../ui/Strays';
import { takeTyping, withoutEnd } from './keyedGauges';
import { useKeys } from './useKeys';

const GAUGES = [
  { gauge: 'M6', before: 'D=', after: 'mm', afterIsUnit: true },
  { gauge: 'C3', before: '#', after: 'A', afterIsUnit: false },
];

const send = (text: string) =>
  [...text].forEach((key) =>
    fireEvent.keyDown(document.body, { key: key === '\n' ? 'Enter' : key }),
  );

function Walk({
  onShortcut,
  onFigure,
}: {
  onShortcut: () => void;
  onFigure: (text: string) => void;
}) {
  const [text, setText] = useState('');
  useKeys(
    {
      d: onShortcut,
      Enter: () => {
        onFigure(text);
        setText('');
      },
    },
    { open: (character) => setText((before) => before + character), isOpen: text !== '' },
  );
  return <Strays gauges={GAUGES} />;
}

describe('a gauge that types something around its figures', () => {
  beforeEach(() => {
    localStorage.clear();
    takeTyping();
  });

  it('presses nothing with it, and its figure is taken', () => {
    const onShortcut = vi.fn();
    const onFigure = vi.fn();
    render(<Walk onShortcut={onShortcut} onFigure={onFigure} />);
    send('D=31.962mm\n');
    expect(onFigure).toHaveBeenCalledWith('31.962mm');
    expect(onShortcut).not.toHaveBeenCalled();
    expect(takeTyping()).toBe('M6');
    send('#25.01A\n');
    expect(onFigure).toHaveBeenLastCalledWith('25.01A');
    expect(takeTyping()).toBe('C3');
  });

  it('leaves the key to the hand that pressed it', async () => {
    const onShortcut = vi.fn();
    render(<Walk onShortcut={onShortcut} onFigure={vi.fn()} />);
    send('D');
    expect(onShortcut, 'it may be the gauge').not.toHaveBeenCalled();
    await vi.waitFor(() => expect(onShortcut).toHaveBeenCalled());
    expect(takeTyping()).toBe('');
  });

  it('lies in the tray whole where nothing waits', () => {
    render(<Strays gauges={GAUGES} />);
    send('D=31.962mm\n#7.5A\n8.25A\n');
    const tray = screen.getByLabelText('Figures that nothing waited for');
    expect(tray, 'a unit belongs to the figure').toHaveTextContent('31.962mm');
    expect(tray).toHaveTextContent('7.5');
    expect(tray).toHaveTextContent('8.25');
    expect(tray).not.toHaveTextContent('A');
  });

  it('picks nothing by its digits on a page that waits for none', () => {
    const pick = vi.fn();
    document.addEventListener('keydown', pick);
    render(<Strays gauges={GAUGES} />);
    send('#7.5\n');
    document.removeEventListener('keydown', pick);
    expect(pick.mock.calls.map(([event]) => (event as KeyboardEvent).key)).toEqual(['Enter']);
    expect(takeTyping()).toBe('');
  });

  it('is told from another and from a hand by who typed', () => {
    const [m6, c3] = GAUGES;
    expect(withoutEnd('31.962mm', m6)).toBe('31.962mm');
    expect(withoutEnd('7.5 A', c3)).toBe('7.5');
    expect(withoutEnd('7.5A', m6)).toBe('7.5A');
    expect(withoutEnd('31.962 mm', undefined)).toBe('31.962 mm');
  });
});
