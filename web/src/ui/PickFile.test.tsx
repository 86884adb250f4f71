import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import { PickFile } from './PickFile';

it('gives the file that was picked, again when it is picked again, and says of an empty one that it is', async () => {
  const onPick = vi.fn();
  render(<PickFile label="The file" accept=".csv" onPick={onPick} />);
  const field = screen.getByLabelText(/The file/);
  const file = new File(['part,reading'], 'seats.csv', { type: 'text/csv' });
  await userEvent.upload(field, file);
  await vi.waitFor(() => expect(onPick).toHaveBeenCalledTimes(1));
  expect(screen.getByText('seats.csv')).toBeVisible();
  await userEvent.upload(field, file);
  await vi.waitFor(() => expect(onPick).toHaveBeenCalledTimes(2));
  await userEvent.upload(field, new File([], 'empty.csv', { type: 'text/csv' }));
  expect(screen.getByRole('alert')).toHaveTextContent('empty.csv is empty');
  expect(screen.getByText('seats.csv')).toBeVisible();
  expect(onPick).toHaveBeenCalledTimes(2);
});
