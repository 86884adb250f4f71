import { QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { LengthText, SettingUp } from '../api/client';
import { queries } from '../api/queries';
import { PutBack } from './PutBack';

const TENTH: LengthText = { pm: 2_540_000, text: '0.0001', unit: 'in', other: '0.0025 mm' };

const settingUp: SettingUp = {
  gauge: 18,
  shopNumber: 'B1',
  name: 'Dial bore gauge',
  micrometer: false,
  display: false,
  unit: 'in',
  scale: 'bore-dial-in-0001',
  graduation: TENTH,
  allowed: TENTH,
  masters: [],
  graduations: [],
  life: '',
  before: [],
};

const bodies: unknown[] = [];
let status = 200;
let problem = {};

describe('putting a bore gauge back on its master', () => {
  beforeEach(() => {
    queries.clear();
    bodies.length = 0;
    status = 200;
    vi.stubGlobal('fetch', async (request: Request) => {
      bodies.push(await request.json());
      return new Response(JSON.stringify(status === 200 ? settingUp : problem), {
        status,
        headers: {
          'Content-Type': status === 200 ? 'application/json' : 'application/problem+json',
        },
      });
    });
    render(
      <QueryClientProvider client={queries}>
        <MemoryRouter>
          <PutBack
            settingUp={settingUp}
            whence={{ to: '/parts/22/ready', here: 'make ready', onward: 'Go on making ready' }}
            onAnew={() => undefined}
          />
        </MemoryRouter>
      </QueryClientProvider>,
    );
  });

  const type = (label: RegExp, value: string) =>
    fireEvent.change(screen.getByLabelText(label), { target: { value } });
  const keep = () => fireEvent.click(screen.getByRole('button', { name: 'Keep this look' }));

  it('sends what the needle showed, and asks for no second look where nothing was done', async () => {
    type(/^The needle stands at/, '0.5');
    expect(screen.queryByLabelText(/^Set to zero and swept/)).toBeNull();
    keep();
    expect(await screen.findByText('Kept. It goes on from here.')).toBeVisible();
    expect(bodies).toEqual([{ needle: '0.5', done: 'nothing', after: '' }]);
    expect(screen.getByRole('link', { name: 'Go on making ready' })).toBeVisible();
  });

  it('sends both looks where it was set to zero', async () => {
    type(/^The needle stands at/, '3');
    type(/^Then/, 'set-to-zero');
    type(/^Set to zero and swept/, '0');
    keep();
    await waitFor(() => expect(bodies).toEqual([{ needle: '3', done: 'set-to-zero', after: '0' }]));
  });

  it('says at its field what cannot be, and keeps what was typed', async () => {
    status = 422;
    problem = { code: 'bad-graduations', field: 'needle', detail: 'Say how many graduations.' };
    type(/^The needle stands at/, 'three');
    keep();
    expect(await screen.findByText('Say how many graduations.')).toBeVisible();
    expect(screen.getByLabelText(/^The needle stands at/)).toHaveValue('three');
  });
});
