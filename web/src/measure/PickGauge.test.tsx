import { QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Gauge } from '../api/client';
import { keys, queries } from '../api/queries';
import { PickGauge } from './PickGauge';
import type { Measuring } from './useMeasuring';

const gauge = (key: string, shopNumber: string, mayMeasure = true) =>
  ({
    key,
    shopNumber,
    name: `the ${shopNumber}`,
    mayMeasure,
    state: 'in-use',
    stateWord: 'quarantined',
    tries: [],
    unit: 'mm',
    step: { text: '0.001', unit: 'mm' },
  }) as unknown as Gauge;

const method = (key: string, fits: boolean, word: string, reason: string) => ({
  key,
  // Of what cannot be put to it the server reckons none.
  ...(fits && { uncertainty: {} }),
  word,
  reason,
});

describe('picking a gauge', () => {
  const setGauge = vi.fn();
  const onClose = vi.fn();

  beforeEach(() => {
    setGauge.mockReset();
    onClose.mockReset();
    queries.setQueryData([...keys.methods, 3], {
      features: [
        {
          key: 'journal',
          methods: [
            method('6', true, 'good', 'Its U is small enough.'),
            method('1', true, 'cannot decide', 'Its U is too large.'),
            method('9', false, 'wrong kind', 'It is for holes.'),
          ],
        },
      ],
    });
    const measuring = {
      sheet: { plan: 3, feature: { key: 'journal' } },
      gauges: [gauge('9', 'B2'), gauge('1', 'C1'), gauge('6', 'M6'), gauge('7', 'M7', false)],
      gauge: gauge('1', 'C1'),
      setGauge,
    } as unknown as Measuring;
    render(
      <QueryClientProvider client={queries}>
        <PickGauge measuring={measuring} open onClose={onClose} />
      </QueryClientProvider>,
    );
  });

  const numbers = () =>
    screen
      .getAllByRole('button')
      .map((button) => /^(?:B|C|M)\d/.exec(button.textContent ?? '')?.[0])
      .filter(Boolean);

  it('shows what fits, the best first, with the one in hand in focus', () => {
    expect(numbers()).toEqual(['M6', 'C1']);
    expect(screen.getByRole('button', { name: /^C1/ })).toHaveFocus();
  });

  it('keeps the rest behind one key, each with why not', () => {
    fireEvent.click(screen.getByRole('button', { name: /2 more do not fit here/ }));
    expect(numbers()).toEqual(['M6', 'C1', 'B2', 'M7']);
    expect(screen.getByText('It is for holes.')).toBeVisible();
    expect(screen.getByRole('button', { name: /^M7/ })).toBeDisabled();
  });

  it('takes the one whose number is typed', () => {
    fireEvent.keyDown(screen.getByRole('button', { name: /^C1/ }), { key: 'm' });
    const field = screen.getByLabelText('Its number');
    expect(field).toHaveFocus();
    expect(field).toHaveValue('m');
    fireEvent.change(field, { target: { value: 'm6' } });
    fireEvent.submit(field);
    expect(setGauge).toHaveBeenCalledWith('6');
    expect(onClose).toHaveBeenCalled();
  });

  it('takes none that does not measure, and none that is not there', () => {
    const field = screen.getByLabelText('Its number');
    for (const value of ['m7', 'x1']) {
      fireEvent.change(field, { target: { value } });
      fireEvent.submit(field);
    }
    expect(setGauge).not.toHaveBeenCalled();
    expect(screen.getByText('No gauge has a number that begins so.')).toBeVisible();
  });
});
