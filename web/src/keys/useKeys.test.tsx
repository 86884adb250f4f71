import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useLayoutEffect, useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { useKeys } from './useKeys';

function Bench({ strike }: { strike: () => void }) {
  const [text, setText] = useState('');
  useKeys({ x: strike }, { open: (character) => setText(text + character), isOpen: text !== '' });
  return (
    <>
      <output>{text}</output>
      <input aria-label="a reason" />
      <input aria-label="entry" data-entry="" value="" readOnly />
      <input role="spinbutton" aria-label="sleeve" aria-valuenow={0} />
    </>
  );
}

describe('keys at the bench', () => {
  it('a digit opens the entry wherever the focus is, and then every letter belongs to it', async () => {
    const strike = vi.fn();
    render(<Bench strike={strike} />);
    await userEvent.keyboard('x');
    expect(strike).toHaveBeenCalledTimes(1);
    await userEvent.keyboard('1x');
    expect(screen.getByRole('status')).toHaveTextContent('1x');
    expect(strike).toHaveBeenCalledTimes(1);
  });

  it('a field that is typed into keeps its keys; the empty entry and a spin button leave letters alone', async () => {
    const strike = vi.fn();
    render(<Bench strike={strike} />);
    await userEvent.click(screen.getByLabelText('a reason'));
    await userEvent.keyboard('x');
    expect(strike).not.toHaveBeenCalled();
    await userEvent.click(screen.getByLabelText('entry'));
    await userEvent.keyboard('x');
    await userEvent.click(screen.getByLabelText('sleeve'));
    await userEvent.keyboard('x');
    expect(strike).toHaveBeenCalledTimes(2);
  });

  it('acts on a key that is pressed in the moment the page is there', () => {
    const strike = vi.fn();
    function Shown() {
      useLayoutEffect(() => {
        fireEvent.keyDown(document.body, { key: 'x' });
      }, []);
      return <Bench strike={strike} />;
    }
    render(<Shown />);
    expect(strike).toHaveBeenCalledTimes(1);
  });

  it('leaves the first digit to the entry where the frame of the page has keys of its own', async () => {
    const practise = vi.fn();
    function Frame() {
      useKeys({ '*': practise });
      return null;
    }
    render(
      <>
        <Frame />
        <Bench strike={vi.fn()} />
      </>,
    );
    await userEvent.click(screen.getByLabelText('entry'));
    await userEvent.keyboard('*');
    expect(practise).toHaveBeenCalledTimes(1);
    await userEvent.keyboard('3');
    expect(screen.getByRole('status')).toHaveTextContent('3');
  });

  it('takes an Enter held down for one', () => {
    const keep = vi.fn();
    function Held() {
      useKeys({ Enter: keep });
      return null;
    }
    render(<Held />);
    fireEvent.keyDown(document.body, { key: 'Enter' });
    fireEvent.keyDown(document.body, { key: 'Enter', repeat: true });
    expect(keep).toHaveBeenCalledTimes(1);
  });

  it('acts on no shortcut while a modifier is down', async () => {
    const strike = vi.fn();
    render(<Bench strike={strike} />);
    await userEvent.keyboard('{Control>}x{/Control}');
    expect(strike).not.toHaveBeenCalled();
  });
});
