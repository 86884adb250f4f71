import { fireEvent, render, screen, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Place, Round } from '../api/client';
import { Places } from './Places';

const place = (id: number, section: string, axis: string, more: object = {}): Place =>
  ({
    id,
    name: `${section}, ${axis}`,
    section,
    axis,
    readings: [],
    asked: 2,
    wants: true,
    verdict: { mark: 'not-measured', side: '', word: 'not measured' },
    ...more,
  }) as unknown as Place;

const goToPlace = vi.fn();

function sheet(places: Place[], here = places[0] as Place) {
  const round = { number: 0, name: 'as found', places } as Round;
  render(<Places round={round} place={here} goToPlace={goToPlace} />);
}

const value = (text: string) => ({
  value: { text },
  wants: false,
  verdict: { mark: 'in', side: '', word: 'in' },
});

describe('the sheet of places', () => {
  const four = [
    place(1, 'top', 'thrust', value('43.930')),
    place(2, 'bottom', 'thrust', { readings: [{}, { struck: {} }] }),
    place(3, 'top', 'cross', { skip: { reason: 'under the collar' }, wants: false }),
    place(4, 'bottom', 'cross'),
  ];

  it('has a section a row and an axis a column, and says how many are through', () => {
    sheet(four, four[1]);
    expect(screen.getByText('2 of 4')).toBeVisible();
    expect(screen.getAllByRole('columnheader').map((head) => head.textContent)).toEqual([
      'thrust',
      'cross',
    ]);
    const rows = screen.getAllByRole('row').slice(1);
    expect(rows.map((row) => within(row).getByRole('rowheader').textContent)).toEqual([
      'top',
      'bottom',
    ]);
  });

  it('shows the size, how many of those asked, or that it is passed over; struck ones count nowhere', () => {
    sheet(four, four[1]);
    expect(screen.getByRole('button', { name: 'top, thrust: in, 43.930' })).toHaveTextContent(
      '43.930',
    );
    expect(
      screen.getByRole('button', { name: 'bottom, thrust: not measured, 1 of 2' }),
    ).toHaveAttribute('aria-current', 'step');
    expect(
      screen.getByRole('button', { name: 'top, cross: not measured, passed over' }),
    ).not.toHaveAttribute('aria-current');
  });

  it('is gone through by hand', () => {
    sheet(four);
    fireEvent.click(screen.getByRole('button', { name: 'bottom, cross: not measured' }));
    expect(goToPlace).toHaveBeenCalledWith(4);
  });

  it('is a plain list along one axis, and not there for one place', () => {
    sheet([place(1, 'left', 'thrust'), place(2, 'right', 'thrust')]);
    expect(screen.queryAllByRole('columnheader')).toEqual([]);
    expect(screen.getAllByRole('rowheader')).toHaveLength(2);
  });

  it('is not there for one place', () => {
    sheet([place(1, 'middle', 'thrust')]);
    expect(screen.queryByRole('table')).toBeNull();
  });
});
