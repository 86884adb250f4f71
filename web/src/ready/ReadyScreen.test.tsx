import { QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { ReadyCard, Schemas } from '../api/client';
import { queries } from '../api/queries';
import { ReadyScreen } from './ReadyScreen';

const card = (code: string, kind: string, title: string): ReadyCard => ({
  code,
  kind,
  title,
  sentence: `${title}, and how.`,
  putBack: false,
});

const SHARP = card('caution-sharp', 'caution', 'Sharp');
const LOOK = card('look-22', 'look', 'Look at barrel 1');
const WIPE = card('wipe', 'wipe', 'Wipe, and look for light');

const ready = (...cards: ReadyCard[]): Schemas['ReadyView'] => ({
  job: 5,
  jobName: 'Pump',
  part: 22,
  partName: 'barrel 1',
  time: '20 s',
  cards,
  done: [],
  next: { part: 22, feature: 25, sentence: 'barrel bore: measure it.' },
});

const look = (found: string | undefined): Schemas['LookView'] => ({
  job: 5,
  jobName: 'Pump',
  part: 22,
  partName: 'barrel 1',
  cautions: [],
  threadGauges: [],
  items: [{ id: 7, name: 'cracked', decisive: true, note: '', ...(found ? { found } : {}) }],
});

/** What the server stands at; what it was told. */
let stands: Schemas['ReadyView'];
let found: string | undefined;
let told: { path: string; body: unknown }[];

async function answer(request: Request): Promise<Response> {
  const path = new URL(request.url).pathname;
  const body: unknown = request.method === 'PUT' ? await request.json() : undefined;
  if (body !== undefined) {
    told.push({ path, body });
  }
  if (path.startsWith('/api/v1/looks/')) {
    found = (body as { found: string }).found;
    stands = ready(WIPE);
  }
  const said = path.includes('/ready')
    ? stands
    : path.includes('/look')
      ? look(found)
      : path.endsWith('/soakings')
        ? []
        : {};
  return new Response(JSON.stringify(said), { headers: { 'Content-Type': 'application/json' } });
}

const heading = (name: string) => screen.findByRole('heading', { name, level: 2 });

function show() {
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={['/parts/22/ready']}>
        <Routes>
          <Route path="/parts/:part/ready" element={<ReadyScreen />} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

describe('making ready', () => {
  beforeEach(() => {
    queries.clear();
    told = [];
    found = undefined;
    vi.stubGlobal('fetch', answer);
  });

  it('shows the card that is due now, and only names those after it', async () => {
    stands = ready(SHARP, LOOK, WIPE);
    show();
    expect(await heading('Sharp')).toBeVisible();
    expect(screen.getByRole('region', { name: 'After that' })).toHaveTextContent(
      'Look at barrel 1Wipe, and look for light',
    );
    // What is looked at has a card of its own later: it does not stand about here.
    expect(screen.queryByRole('group', { name: 'cracked' })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Understood' }));
    await waitFor(() => expect(told).toHaveLength(1));
    expect(told[0]?.body).toEqual({ card: 'caution-sharp', reason: '' });
  });

  it('passes a card over for a reason, and never without one', async () => {
    stands = ready(WIPE);
    show();
    fireEvent.click(await screen.findByRole('button', { name: 'Pass it over' }));
    const over = screen.getByRole('button', { name: /^Pass over/ });
    expect(over).toBeDisabled();
    fireEvent.change(screen.getByLabelText('Why it is passed over'), {
      target: { value: 'done an hour ago' },
    });
    fireEvent.click(over);
    await waitFor(() => expect(told).toHaveLength(1));
    expect(told[0]?.body).toEqual({ card: 'wipe', reason: 'done an hour ago' });
  });

  it('keeps what is being written on the item looked at last, until somebody goes on', async () => {
    stands = ready(LOOK, WIPE);
    show();
    fireEvent.click(await screen.findByRole('button', { name: 'not ok' }));
    const note = await screen.findByLabelText('Note on cracked');
    fireEvent.change(note, { target: { value: 'from the port' } });
    expect(await heading('All is looked at')).toBeVisible();
    expect(screen.getByLabelText('Note on cracked')).toHaveValue('from the port');
    fireEvent.blur(screen.getByLabelText('Note on cracked'));
    await waitFor(() => expect(told).toHaveLength(2));
    expect(told[1]?.body).toMatchObject({ found: 'not-ok', note: 'from the port' });
    fireEvent.click(screen.getByRole('button', { name: 'Go on' }));
    expect(await heading('Wipe, and look for light')).toBeVisible();
  });

  it('says that all is ready, and leads to the next reading', async () => {
    stands = ready();
    show();
    expect(await heading('All is ready')).toBeVisible();
    expect(within(screen.getByRole('main')).getByRole('link', { name: 'Measure' })).toHaveAttribute(
      'href',
      '/parts/22/features/25',
    );
  });
});
