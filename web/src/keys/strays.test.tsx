import { fireEvent, render, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Strays } from '../ui/Strays';
import { useKeys } from './useKeys';

const send = (text: string, at: Element = document.body) =>
  [...text].forEach((key) => fireEvent.keyDown(at, { key: key === '\n' ? 'Enter' : key }));

const tray = () => screen.queryByLabelText('Figures that nothing waited for');

describe('a figure that comes while nothing waits', () => {
  beforeEach(() => localStorage.clear());

  it('lies in the tray, over a reload too, until somebody has seen to it', () => {
    const { unmount } = render(<Strays />);
    send('32.221\n31,9\n');
    expect(tray()).toHaveTextContent('32.221');
    unmount();
    render(<Strays />);
    expect(tray()).toHaveTextContent('31,9');
    fireEvent.click(screen.getByRole('button', { name: '32.221: seen to' }));
    fireEvent.click(screen.getByRole('button', { name: '31,9: seen to' }));
    expect(tray()).toBeNull();
  });

  it('is whole when its page gives way to another while it comes', () => {
    const fetching = render(<Strays />);
    send('31');
    fetching.unmount();
    render(<Strays />);
    send('.962\n');
    expect(tray()).toHaveTextContent('31.962');
  });

  it('does not go on with what was begun on another page long before', () => {
    vi.useFakeTimers();
    const before = render(<Strays />);
    send('31');
    before.unmount();
    vi.advanceTimersByTime(5_000);
    render(<Strays />);
    send('.962\n');
    vi.useRealTimers();
    expect(tray()).not.toHaveTextContent('31');
    expect(tray()).toHaveTextContent('.962');
  });

  it('presses nothing with its line end', () => {
    const press = vi.fn();
    render(
      <>
        <Strays />
        <button type="button" onClick={press}>
          Decide
        </button>
      </>,
    );
    const button = screen.getByRole('button', { name: 'Decide' });
    send('5', button);
    const end = fireEvent.keyDown(button, { key: 'Enter' });
    expect(end, 'the key is taken').toBe(false);
    expect(tray()).toHaveTextContent('5');
    expect(press).not.toHaveBeenCalled();
  });

  it('is no figure when it is typed in a field, holds no digit, or was broken off', () => {
    render(
      <>
        <Strays />
        <input aria-label="a field" />
      </>,
    );
    send('32.2\n', screen.getByLabelText('a field'));
    send('.\n');
    send('32.2');
    fireEvent.keyDown(document.body, { key: 'Escape' });
    send('\n');
    expect(tray()).toBeNull();
  });

  it('belongs to the entry wherever there is one', () => {
    const open = vi.fn();
    function Walk() {
      useKeys({}, { open, isOpen: false });
      return <Strays />;
    }
    render(<Walk />);
    send('3\n');
    expect(open).toHaveBeenCalledWith('3');
    expect(tray()).toBeNull();
  });
});
