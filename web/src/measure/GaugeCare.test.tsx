import { QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { queries } from '../api/queries';
import { GaugeCare } from './GaugeCare';
import { StandsAtLine } from './StandsAtLine';
import type { Measuring } from './useMeasuring';

const mm = (text: string) => ({ pm: Number(text) * 1e9, text, unit: 'mm', other: '' });

const measuring = (gauge: object, setting?: object) =>
  ({
    gauge: { id: 6, key: '6', shopNumber: 'B2', ...gauge },
    setting,
    sheet: {
      part: { id: 2 },
      feature: { id: 3, name: 'bore', limits: { low: mm('20'), high: mm('20.021') } },
    },
    pathTo: () => '/parts/2/features/3?gauge=6',
  }) as unknown as Measuring;

const show = (what: React.ReactNode) =>
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter>{what}</MemoryRouter>
    </QueryClientProvider>,
  );

describe('the gauge in hand', () => {
  const sent: unknown[] = [];

  beforeEach(() => {
    sent.length = 0;
    vi.stubGlobal(
      'fetch',
      vi.fn(async (request: Request) => {
        if (request.method === 'PUT') {
          sent.push([new URL(request.url).pathname.split('/').slice(0, 7), await request.json()]);
        }
        return new Response('{}', {
          status: 500,
          headers: { 'Content-Type': 'application/problem+json' },
        });
      }),
    );
  });

  it.each([
    ['d', 'dropped'],
    ['o', 'switched-off'],
    ['c', 'new-battery'],
  ])('takes one key on its card to be %s', async (key, kind) => {
    show(<GaugeCare measuring={measuring({})} open onClose={() => undefined} />);
    fireEvent.keyDown(screen.getByRole('dialog'), { key });
    await vi.waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toEqual([
      ['', 'api', 'v1', 'drawer', 'gauges', '6', 'events'],
      { kind, words: '' },
    ]);
  });

  it('says that it was never set, and leads to setting it and back', () => {
    show(<StandsAtLine measuring={measuring({ reads: mm('0.2') })} takes="f" />);
    expect(screen.getByRole('status')).toHaveTextContent(
      'B2 was never set here: it shows nothing yet.',
    );
    expect(screen.getByRole('link', { name: /Set it first/ })).toHaveAttribute(
      'href',
      '/drawer/6/set?wanted=20.021&part=2&walk=%2Fparts%2F2%2Ffeatures%2F3%3Fgauge%3D6',
    );
  });

  it('says what it is set at where that does not reach', () => {
    show(
      <StandsAtLine measuring={measuring({ reads: mm('0.2') }, { size: mm('25') })} takes="f" />,
    );
    expect(screen.getByRole('status')).toHaveTextContent(
      'B2 is set at 25 mm, and does not reach bore from there.',
    );
  });
});
