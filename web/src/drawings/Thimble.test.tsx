import { fireEvent, render } from '@testing-library/react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it, vi } from 'vitest';
import { CoincidenceStrip } from './CoincidenceStrip';
import { lastStep, partsAt, stepsALine, stepsATurn, thimbleScale } from './scaleSum';
import { scaleOf } from './scales.fixture';
import { Thimble } from './Thimble';

/** Reads a drawing as an eye does: lines by where they lie, counts by the printed figures, nothing else. */
function readByEye(page: HTMLElement, unit: string, onThimble: number) {
  const lines = (kind: string) =>
    [...page.querySelectorAll<SVGLineElement>(`[data-line="${kind}"]`)].map((line) => ({
      x1: Number(line.getAttribute('x1')),
      x2: Number(line.getAttribute('x2')),
      y1: Number(line.getAttribute('y1')),
      y2: Number(line.getAttribute('y2')),
      figure: line.parentElement?.querySelector('text')?.textContent ?? undefined,
    }));
  const onTurned = lines('thimble').sort((a, b) => b.y1 - a.y1);
  const edge = onTurned[0]?.x1 ?? NaN;

  // The sleeve: the last line left of the thimble's edge, counted from the nearest printed figure in sight.
  const inSight = lines('sleeve')
    .filter(({ x1 }) => x1 >= 0 && x1 <= edge + 1e-6)
    .sort((a, b) => a.x1 - b.x1);
  const index = inSight[0]?.y1 ?? NaN;
  const figuredAt = inSight.findLastIndex(({ figure }) => figure !== undefined);
  const figure = Number(inSight[figuredAt]?.figure);
  const linesLeftOfIt = lines('sleeve').filter(
    ({ x1 }) => x1 < (inSight[figuredAt]?.x1 ?? NaN),
  ).length;
  const wholeFigure = unit === 'in' && figure === 0 && linesLeftOfIt > 0 ? 10 : figure;
  const sleeve = wholeFigure * (unit === 'in' ? 4 : 2) + (inSight.length - 1 - figuredAt);

  // The thimble: the line on the index, else the one just below it, counted from a printed figure.
  const passed = onTurned.findLastIndex(({ y1 }) => y1 >= index - 1e-6);
  const named = onTurned.findIndex((line) => line.figure !== undefined);
  const thimble =
    (((Number(onTurned[named]?.figure) + passed - named) % onThimble) + onThimble) % onThimble;

  // The vernier: the lowest line that meets one of the thimble, on the unrolled strip.
  const stripThimble = lines('strip-thimble');
  const meeting = lines('strip-vernier').find(({ x1 }) =>
    stripThimble.some((other) => Math.abs(other.x1 - x1) < 0.01),
  );

  // Where that line can be seen on the sleeve itself, it meets there too, and no other does.
  const met = lines('vernier').filter(({ y1 }) =>
    onTurned.some((line) => Math.abs(line.y1 - y1) < 0.01),
  );
  return {
    sleeve,
    thimble,
    vernier: Number(meeting?.figure),
    metOnSleeve: met.length,
    index,
    onTurned,
  };
}

/** The same settings in every run: a linear congruential generator, seeded. */
function* randomSteps(last: number, count: number) {
  let state = 20_260_310;
  for (let i = 0; i < count; i += 1) {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    yield Math.floor((state / 2_147_483_648) * (last + 1));
  }
}

describe.each(['mic-mm-0001', 'mic-in-0001'])('the drawn %s', (id) => {
  const scale = thimbleScale(scaleOf(id));
  const onThimble = scale.thimble.last + 1;

  function drawn(step: number, narrow: boolean) {
    const page = document.createElement('div');
    page.innerHTML = renderToStaticMarkup(
      <>
        <Thimble
          scale={scale}
          step={step}
          onTurn={() => undefined}
          lit={undefined}
          narrow={narrow}
        />
        <CoincidenceStrip scale={scale} step={step} lit={false} narrow={narrow} />
      </>,
    );
    return readByEye(page, scale.unit, onThimble);
  }

  it.each([false, true])(
    'gives an eye its parts back at 200 settings (narrow: %s)',
    (narrow) => {
      for (const step of randomSteps(lastStep(scale), 200)) {
        const { sleeve, thimble, vernier, metOnSleeve } = drawn(step, narrow);
        expect({ sleeve, thimble, vernier }, `step ${step}`).toEqual(partsAt(scale, step));
        expect(metOnSleeve, `step ${step}: lines that meet on the sleeve`).toBeLessThanOrEqual(2);
      }
    },
    60_000,
  );

  it('is true at its start, at a line just showing, just passed, and at its end', () => {
    const turn = stepsATurn(scale);
    for (const step of [
      0,
      1,
      turn - 1,
      turn,
      turn + 1,
      10 * turn,
      lastStep(scale) - 1,
      lastStep(scale),
    ]) {
      const { sleeve, thimble, vernier } = drawn(step, false);
      expect({ sleeve, thimble, vernier }, `step ${step}`).toEqual(partsAt(scale, step));
    }
  });

  it('crowds its lines toward the edges and leans them on the bevel', () => {
    const { onTurned, index } = drawn(3 * stepsATurn(scale), false);
    const gaps = onTurned.slice(1).map((line, i) => (onTurned[i]?.y1 ?? NaN) - line.y1);
    const middle = gaps[Math.floor(gaps.length / 2)] ?? NaN;
    expect(gaps[0]).toBeLessThan(middle * 0.6);
    expect(gaps.at(-1)).toBeLessThan(middle * 0.6);
    for (const { y1, y2 } of onTurned) {
      expect(Math.abs(y2 - index)).toBeGreaterThanOrEqual(Math.abs(y1 - index));
    }
  });
});

describe('turning it', () => {
  const scale = thimbleScale(scaleOf('mic-mm-0001'));

  it('goes one line a notch of the wheel, and one step with Shift', () => {
    const turned = vi.fn();
    const page = render(
      <Thimble scale={scale} step={500} onTurn={turned} lit={undefined} narrow={false} />,
    );
    fireEvent.wheel(page.getByTestId('thimble'), { deltaY: -100 });
    expect(turned).toHaveBeenLastCalledWith(500 + stepsALine(scale));
    page.rerender(
      <Thimble scale={scale} step={500} onTurn={turned} lit={undefined} narrow={false} />,
    );
    fireEvent.wheel(page.getByTestId('thimble'), { deltaY: 100, shiftKey: true });
    expect(turned).toHaveBeenLastCalledWith(499);
  });

  it('stops at both ends', () => {
    const turned = vi.fn();
    const page = render(
      <Thimble scale={scale} step={0} onTurn={turned} lit={undefined} narrow={false} />,
    );
    fireEvent.wheel(page.getByTestId('thimble'), { deltaY: 100 });
    expect(turned).toHaveBeenLastCalledWith(0);
  });

  it('shows the line that counts, for the part that is pointed at', () => {
    const page = render(
      <Thimble scale={scale} step={18_916} onTurn={() => undefined} lit="sleeve" narrow={false} />,
    );
    const now = page.container.querySelectorAll('line.stroke-now');
    expect(now).toHaveLength(1);
    expect(now[0]).toHaveAttribute('data-line', 'sleeve');
  });
});
