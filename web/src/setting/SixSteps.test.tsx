import { QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { LengthText, SettingUp } from '../api/client';
import { queries } from '../api/queries';
import { SixSteps } from './SixSteps';

const inches = (text: string): LengthText => ({
  pm: Math.round(Number(text) * 2.54e10),
  text,
  unit: 'in',
  other: '',
});

const RING = {
  key: 'm4',
  kind: 'ring',
  number: 'R4',
  size: inches('3.2500'),
  expanded: inches('0.00005'),
  sentence: 'R4, 0.0009 in below.',
  blocks: [],
};

const settingUp: SettingUp = {
  gauge: 18,
  shopNumber: 'B1',
  name: 'Dial bore gauge',
  micrometer: false,
  display: false,
  unit: 'in',
  scale: 'bore-dial-in-0001',
  graduation: inches('0.0001'),
  allowed: inches('0.0001'),
  wanted: inches('3.2509'),
  masters: [RING, { ...RING, key: 'm9', number: 'R9', sentence: 'R9, 0.0040 in above.' }],
  graduations: ['0.0001', '0.0005'].map(inches),
  life: '',
  before: [],
};

const server = vi.fn<(request: Request) => Promise<Response>>();

const answer = (status: number, body: unknown) =>
  Promise.resolve(
    new Response(JSON.stringify(body), {
      status,
      headers: {
        'Content-Type': status === 200 ? 'application/json' : 'application/problem+json',
      },
    }),
  );

const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));

/** From the first step to the last, as a person goes. */
function goThrough(pressed: string) {
  press(pressed);
  press('0.0001 in');
  press('↗ rise');
  fireEvent.change(screen.getByLabelText(/^Take it out/), { target: { value: '0' } });
  press('It is set: keep it');
}

describe('setting a bore gauge', () => {
  beforeEach(() => {
    queries.clear();
    server.mockReset();
    vi.stubGlobal('fetch', server);
    render(
      <QueryClientProvider client={queries}>
        <MemoryRouter>
          <SixSteps
            settingUp={settingUp}
            wanted="3.2509"
            refused={undefined}
            whence={{ to: '/parts/22/ready', here: 'make ready', onward: 'Go on making ready' }}
            onWanted={() => undefined}
          />
        </MemoryRouter>
      </QueryClientProvider>,
    );
    press('Next');
  });

  it('offers the best of each kind first, and the rest on demand', () => {
    expect(screen.queryByRole('button', { name: /R9/ })).toBeNull();
    press('1 more');
    expect(screen.getByRole('button', { name: /R9/ })).toBeVisible();
  });

  it('sends what was seen at each step, and goes on where it was made ready', async () => {
    server.mockImplementation(() =>
      answer(200, { ...settingUp, now: { sense: 1, sentence: 'It stands at 3.25 in.' } }),
    );
    press('Next');
    press('Next');
    goThrough('↘ fall');
    expect(await screen.findByRole('status')).toHaveTextContent('B1 is set.');
    const request = server.mock.calls[0]?.[0];
    expect(request?.method).toBe('PUT');
    expect(await request?.json()).toEqual({
      wanted: '3.2509',
      master: 'm4',
      temperature: '',
      graduation: '0.0001',
      pressed: 'fall',
      rocked: 'rise',
      returned: '0',
      shown: '',
      again: '',
    });
    expect(screen.getByRole('link', { name: 'Go on making ready' })).toHaveAttribute(
      'href',
      '/parts/22/ready',
    );
  });

  it('goes back to the thumb with both looks forgotten where they contradict each other', async () => {
    server.mockImplementation(() =>
      answer(422, {
        code: 'sense-differs',
        field: 'rocked',
        detail: 'Thumb and rocking contradict each other.',
      }),
    );
    press('Next');
    press('Next');
    goThrough('↗ rise');
    expect(await screen.findByRole('alert')).toHaveTextContent('contradict each other');
    expect(screen.getByRole('region', { name: 'Step 4: Which way' })).toBeVisible();
    expect(screen.getByRole('button', { name: '↗ rise' })).toHaveAttribute('aria-pressed', 'false');
  });
});
