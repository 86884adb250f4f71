import { fireEvent, render } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { Face } from './Face';
import { partOf, stepOf } from './scaleSum';
import { scales, sumOf } from './scales.fixture';
import { Strip } from './Strip';

/*
 * That every drawing, read by its line positions alone, gives the parts back is tested in the real browser, on what it has
 * laid out: DrawnScalesTest. Here: how the drawings answer a hand, and what they show of a part that is pointed at.
 */

const at = (step: number) => ({ step, sense: 1 as const });

describe('turning a face', () => {
  const thimble = sumOf('mic-mm-0001');

  it('goes one line a notch of the wheel, and one step with Shift', () => {
    const turned = vi.fn();
    const page = render(<Face sum={thimble} at={at(500)} onTurn={turned} narrow={false} />);
    fireEvent.wheel(page.getByTestId('face'), { deltaY: -100 });
    expect(turned).toHaveBeenLastCalledWith(500 + partOf(thimble, 'thimble').steps);
    page.rerender(<Face sum={thimble} at={at(500)} onTurn={turned} narrow={false} />);
    fireEvent.wheel(page.getByTestId('face'), { deltaY: 100, shiftKey: true });
    expect(turned).toHaveBeenLastCalledWith(499);
  });

  it.each(['mic-mm-0001', 'vernier-in-001', 'dial-in-001', 'rule-mm-05', 'digital-mm-001'])(
    '%s stops at its start',
    (id) => {
      const turned = vi.fn();
      const page = render(<Face sum={sumOf(id)} at={at(0)} onTurn={turned} narrow={false} />);
      fireEvent.wheel(page.getByTestId('face'), { deltaY: 100 });
      expect(turned).toHaveBeenLastCalledWith(0);
    },
  );

  it('takes a feeler leaf at a touch, and puts it back at the next', () => {
    const feeler = sumOf('feeler');
    const turned = vi.fn();
    const page = render(<Face sum={feeler} at={at(4)} onTurn={turned} narrow={false} />);
    const leaf = (name: string) => page.container.querySelector(`[data-leaf="${name}"]`) as Element;
    fireEvent.click(leaf('0.03'));
    expect(turned).toHaveBeenLastCalledWith(5);
    fireEvent.click(leaf('0.05'));
    expect(turned).toHaveBeenLastCalledWith(0);
  });

  it('does nothing where it is only looked at', () => {
    const page = render(<Face sum={thimble} at={at(500)} narrow={false} />);
    expect(page.getByTestId('face').getAttribute('class')).not.toContain('cursor');
  });
});

describe('a part that is pointed at', () => {
  const litLines = (id: string, step: number, lit: string) => {
    const page = render(<Face sum={sumOf(id)} at={at(step)} lit={lit} narrow={false} />);
    const rows = [...page.container.querySelectorAll('line.stroke-now')].map((line) =>
      line.getAttribute('data-line'),
    );
    page.unmount();
    return rows;
  };
  const step = (id: string, counts: Record<string, number>) => stepOf(sumOf(id), counts);

  it.each([
    ['mic-mm-0001', { sleeve: 37, thimble: 41, vernier: 6 }, 'sleeve', ['sleeve']],
    ['mic-mm-0001', { sleeve: 37, thimble: 41, vernier: 6 }, 'vernier', ['vernier', 'thimble']],
    ['vernier-in-001', { main: 57, line: 18 }, 'main', ['main', 'line']],
    ['vernier-in-001', { main: 57, line: 18 }, 'line', ['main', 'line']],
    ['dial-in-001', { beam: 23, dial: 42 }, 'beam', ['beam']],
    ['dial-in-001', { beam: 23, dial: 42 }, 'dial', ['dial', 'needle']],
    ['rule-in-64', { mark: 67 }, 'mark', ['mark']],
  ] as const)('on %s at %o: %s', (id, counts, lit, rows) => {
    expect(litLines(id, step(id, counts), lit)).toEqual(rows);
  });

  it('shows a covered line of a depth head through the thimble', () => {
    expect(
      litLines('depth-in-001', step('depth-in-001', { sleeve: 13, thimble: 7 }), 'sleeve'),
    ).toContain('covered');
  });

  it('is the pair that meets on the enlarged look', () => {
    const page = render(
      <Strip
        sum={sumOf('vernier-mm-002')}
        at={at(step('vernier-mm-002', { main: 46, line: 37 }))}
        lit
        narrow={false}
      />,
    );
    const [main, line] = [...page.container.querySelectorAll('line.stroke-now')];
    expect(Number(main?.getAttribute('x1'))).toBeCloseTo(Number(line?.getAttribute('x1')), 6);
  });
});

describe.each(scales.map(({ id }) => id))('the face of %s', (id) => {
  it.each([false, true])('is drawn at both ends of its range (narrow: %s)', (narrow) => {
    const sum = sumOf(id);
    for (const end of [sum.firstStep, sum.lastStep]) {
      const page = render(
        <>
          <Face sum={sum} at={at(end)} narrow={narrow} />
          <Strip sum={sum} at={at(end)} lit={false} narrow={narrow} />
        </>,
      );
      const markup = page.container.innerHTML;
      expect(markup).toContain('svg');
      expect(markup).not.toMatch(/NaN|undefined|Infinity/);
      page.unmount();
    }
  });
});
