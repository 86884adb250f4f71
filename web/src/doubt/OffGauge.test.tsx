import { QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, type RenderResult, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { OffGauge as Zero } from '../api/client';
import { queries } from '../api/queries';
import { OffGauge } from './OffGauge';

const reading = (id: string, text: string, decides = false) => ({
  id,
  size: { pm: 1, text, unit: 'mm', other: '' },
  corrected: { pm: 1, text: `${text}0`, unit: 'mm', other: '' },
  takenAt: '2026-03-10T08:00:00Z',
  person: 'Ansa',
  where: { part: 1, feature: 2, place: 3, path: `shafts, shaft 1, body, ${id}` },
  decides,
});

const zero = {
  check: 'c1',
  gauge: 6,
  number: 'M6',
  sentence: 'M6 was found reading 0.012 mm too large by Ansa.',
  since: '2026-03-10T07:00:00Z',
  readings: [reading('top', '31.97', true), reading('middle', '31.96')],
} as unknown as Zero;

const sent: { url: string; body: Record<string, unknown> }[] = [];

beforeEach(() => {
  sent.length = 0;
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      sent.push({
        url: request.url,
        body: JSON.parse(await request.text()) as Record<string, unknown>,
      });
      return new Response('{"zeros":[],"places":[]}', {
        status: 200,
        headers: { 'Content-Type': 'application/json' },
      });
    }),
  );
  shown = render(page(zero));
});

let shown: RenderResult;

const page = (of: Zero) => (
  <QueryClientProvider client={queries}>
    <MemoryRouter>
      <OffGauge zero={of} />
    </MemoryRouter>
  </QueryClientProvider>
);

const answer = () => screen.getByRole('button', { name: /^Answer for/ });
const why = (words: string) =>
  fireEvent.change(screen.getByLabelText('Why'), { target: { value: words } });

async function give() {
  fireEvent.click(answer());
  await vi.waitFor(() => expect(sent).toHaveLength(1));
  return sent[0];
}

describe('a gauge that was found off', () => {
  it('shows what rests on it, what each would be, and which verdict hangs on it', () => {
    expect(screen.getByRole('cell', { name: '31.97 mm' })).toBeVisible();
    expect(screen.getByRole('cell', { name: '31.970 mm' })).toBeVisible();
    expect(screen.getAllByText(/the verdict of its feature rests on it/)).toHaveLength(1);
  });

  it('is answered for with a reason, and for one reading at least', () => {
    expect(answer()).toBeDisabled();
    why('looked into');
    expect(answer()).toBeEnabled();
    screen.getAllByRole('checkbox').forEach((box) => fireEvent.click(box));
    expect(answer()).toBeDisabled();
  });

  it('answers for those that are picked, in the way that is picked', async () => {
    fireEvent.click(screen.getByLabelText('31.96 at shafts, shaft 1, body, middle'));
    fireEvent.click(screen.getByRole('radio', { name: /Let them stand/ }));
    why('a caliper says the same');
    const { url, body } = (await give()) ?? { url: '', body: {} };
    expect(url).toContain('/api/v1/checks/c1/answers/');
    expect(body).toEqual({ way: 'ACCEPT', readings: ['top'], reason: 'a caliper says the same' });
  });

  it('asks for what is left with all of it picked, in the very moment the list is shorter', async () => {
    fireEvent.click(screen.getByLabelText('31.96 at shafts, shaft 1, body, middle'));
    why('read anew');
    await give();
    expect(screen.getByLabelText('Why')).toHaveValue('');
    shown.rerender(page({ ...zero, readings: zero.readings.slice(1) }));
    expect(screen.getByRole('checkbox')).toBeChecked();
  });

  it('asks since when only where it moved at a known moment', async () => {
    expect(screen.queryByLabelText('Off since')).toBeNull();
    fireEvent.click(screen.getByRole('radio', { name: /known moment/ }));
    fireEvent.change(screen.getByLabelText('Off since'), { target: { value: '2026-03-10T08:30' } });
    why('bumped');
    const since = (await give())?.body.since as string;
    expect(new Date(since).getTime()).toBe(new Date('2026-03-10T08:30').getTime());
  });
});
