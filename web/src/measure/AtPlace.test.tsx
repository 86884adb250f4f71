import { fireEvent, render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { AtPlace } from './AtPlace';
import type { Opens } from './Cards';
import type { Measuring } from './useMeasuring';

const opens: Opens = {
  none: vi.fn(),
  close: vi.fn(),
  care: vi.fn(),
  cut: vi.fn(),
  gauge: vi.fn(),
  place: vi.fn(),
  belongs: vi.fn(),
  worst: vi.fn(),
  reading: vi.fn(),
};

function show(place: object = {}) {
  const toggleChecking = vi.fn();
  const measuring = {
    place: { readings: [], quick: [], doubts: [], ...place },
    sheet: { left: '4 readings left here, 2 min' },
    waiting: [],
    tray: [],
    speaking: { figures: [] },
    checking: false,
    toggleChecking,
  };
  render(<AtPlace measuring={measuring as unknown as Measuring} open={opens} doubts={null} />);
  return toggleChecking;
}

it('leads to the history of the place, where it is passed over, and to a quick check', () => {
  const toggleChecking = show();
  fireEvent.click(screen.getByRole('button', { name: /pass it over/ }));
  expect(opens.place).toHaveBeenCalledOnce();
  fireEvent.click(screen.getByRole('button', { name: /Quick check/ }));
  expect(toggleChecking).toHaveBeenCalledOnce();
  expect(screen.getByText('4 readings left here, 2 min')).toBeVisible();
});

it('says that the place was passed over', () => {
  show({ skip: { reason: 'a keyway' } });
  expect(screen.getByRole('button', { name: /take it up again/ })).toBeVisible();
});
