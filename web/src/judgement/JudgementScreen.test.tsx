import { QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Judgement } from '../api/client';
import { queries } from '../api/queries';
import { JudgementScreen } from './JudgementScreen';

const length = (pm: number, text: string) => ({ pm, text, unit: 'mm', other: '1 in' });
const verdict = (mark: string, word: string) => ({
  mark,
  side: '',
  word,
  sentence: `It is ${word}.`,
});

const drawn = (id: number, name: string) => ({
  id,
  name,
  kind: 'outside',
  diameter: true,
  limits: {
    low: length(1000, '43.961'),
    high: length(2000, '44.000'),
    sentence: '43.961 to 44.000',
  },
  depths: [],
  verdict: verdict('in', 'in'),
});

const judged = (id: number, mark: string, word: string) => ({
  id,
  verdict: verdict(mark, word),
  underPlan: [],
  round: 'as found',
  open: mark === 'not-measured',
  sizes: [length(1500, '43.980')],
  value: length(1500, '43.980'),
  places: 1,
  inFull: {
    places: [
      {
        place: {
          id: 10 * id,
          name: 'left, thrust',
          doubts: [],
          readings: [
            {
              id: 'a',
              size: length(1500, '43.980'),
              person: 'Bero',
              gauge: 'M6',
              takenAt: '2026-03-10T08:00:00Z',
              notes: [],
            },
          ],
          verdict: verdict(mark, word),
          known: '43.980 ± 0.003 mm',
          value: length(1500, '43.980'),
          repeats: 'apart 0.001',
          notes: [],
        },
        rule: 'In from 43.964 to 43.997.',
        known: { expanded: length(3, '0.003'), sentence: 'Mostly the gauge.', contributions: [] },
      },
    ],
  },
});

const judgement = (more: object = {}): Judgement =>
  ({
    job: {
      id: 4,
      name: 'Sluice spindle',
      about: '',
      limitsSource: '',
      unit: 'mm',
      demonstration: false,
    },
    plan: 7,
    shape: 'shaft',
    part: {
      id: 18,
      name: 'spindle',
      mark: 'TG-7',
      verdict: verdict('not-measured', 'not measured'),
    },
    parts: [
      { id: 18, name: 'spindle', mark: '', verdict: verdict('not-measured', 'not measured') },
      { id: 19, name: 'second', mark: '', verdict: verdict('in', 'in') },
    ],
    rule: 'Each limit is guarded.',
    step: {
      code: 'better-method',
      word: 'measure on',
      sentence: 'Not all is measured yet.',
      rule: 'The rule.',
    },
    which: { same: [], asked: [], more: 0 },
    decisions: [],
    drawn: [drawn(1, 'upper journal'), drawn(2, 'lower journal')],
    looked: [
      {
        id: 5,
        name: 'scored',
        decisive: false,
        found: 'not-ok',
        note: 'at the lip',
        person: 'Bero',
      },
    ],
    features: [judged(2, 'not-measured', 'not measured'), judged(1, 'in', 'in')],
    ...more,
  }) as unknown as Judgement;

const sent: unknown[] = [];

function show(of: Judgement) {
  queries.setQueryData(['judgement', 18], of);
  queries.setQueryData(['shop'], {
    name: 'shop',
    person: { id: 1, name: 'Ansa' },
    now: '2026-03-10T08:00:00Z',
  });
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={['/parts/18/judgement']}>
        <Routes>
          <Route path="/parts/:part/judgement" element={<JudgementScreen />} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

describe('what a part comes to', () => {
  beforeEach(() => {
    queries.clear();
    sent.length = 0;
    vi.stubGlobal('fetch', async (request: Request) => {
      if (request.method === 'PUT') {
        sent.push(await request.json());
        return Response.json({
          id: 'd1',
          kept: 'now',
          shown: judgement({
            decided: {
              said: 'measure on',
              decided: 'use',
              reason: 'as agreed',
              person: 'Ansa',
              at: '2026-03-10T08:00:00Z',
            },
            decisions: [
              {
                said: 'measure on',
                decided: 'use',
                reason: 'as agreed',
                person: 'Ansa',
                at: '2026-03-10T08:00:00Z',
              },
            ],
          }),
        });
      }
      if (request.url.endsWith('/parts/18/features/1/judgement')) {
        return Response.json(judged(1, 'in', 'in').inFull);
      }
      return Response.json([]);
    });
  });

  it('asks for what another than the worst rests on once it is looked at, and puts it away again', async () => {
    show(
      judgement({
        features: [judged(2, 'gone', 'gone'), { ...judged(1, 'in', 'in'), inFull: undefined }],
      }),
    );
    const [worst, other] = screen.getAllByRole('article') as [HTMLElement, HTMLElement];
    expect(within(worst).getByText('43.980 ± 0.003 mm')).toBeVisible();
    expect(within(worst).queryByRole('button')).toBeNull();
    expect(within(other).queryByText('43.980 ± 0.003 mm')).toBeNull();
    fireEvent.click(within(other).getByRole('button', { name: /^Show its places/ }));
    expect(await within(other).findByText('43.980 ± 0.003 mm')).toBeVisible();
    const hide = within(other).getByRole('button', { name: /^Hide its places/ });
    expect(hide).toHaveAttribute('aria-expanded', 'true');
    fireEvent.click(hide);
    expect(within(other).queryByText('43.980 ± 0.003 mm')).toBeNull();
  });

  it('has the next step on top, then the features as the server orders them, each with its own limits', () => {
    show(judgement());
    expect(screen.getByRole('region', { name: 'Next step' })).toHaveTextContent(
      'Not all is measured yet.',
    );
    const articles = screen.getAllByRole('article');
    expect(articles.map((each) => within(each).getByRole('heading').textContent)).toEqual([
      'lower journal: not measured',
      'upper journal: in',
    ]);
    expect(articles[0]).toHaveTextContent('Limits 43.961 to 44.000');
    expect(screen.getByRole('link', { name: /measure on/ })).toHaveAttribute(
      'href',
      '/parts/18/features/2',
    );
    expect(screen.getByRole('region', { name: 'Looked at' })).toHaveTextContent(
      'scorednot okat the lip · Bero',
    );
  });

  it('opens a place to its readings, the rule that fired and what U comes of', () => {
    show(judgement());
    const first = screen.getAllByRole('article')[0] as HTMLElement;
    expect(within(first).getByText('In from 43.964 to 43.997.')).toBeInTheDocument();
    expect(within(first).getByText(/Bero, M6/)).toBeInTheDocument();
    expect(within(first).getByText('Mostly the gauge.')).toBeInTheDocument();
    expect(within(first).getByRole('link', { name: 'left, thrust' })).toHaveAttribute(
      'href',
      '/parts/18/features/2?place=20',
    );
  });

  it('is overruled only with a reason, and the rule stays beside it', async () => {
    show(judgement());
    fireEvent.click(screen.getByRole('button', { name: 'Decide otherwise, with a reason' }));
    expect(screen.getByRole('button', { name: 'Decide so' })).toBeDisabled();
    fireEvent.change(screen.getByLabelText(/^Why/), { target: { value: 'as agreed' } });
    fireEvent.click(screen.getByRole('button', { name: 'Decide so' }));
    await waitFor(() => expect(sent).toEqual([{ decided: 'use', reason: 'as agreed' }]));
    const step = screen.getByRole('region', { name: 'Next step' });
    await waitFor(() => expect(step).toHaveTextContent('Ansa decided otherwise: use. as agreed'));
    expect(step).toHaveTextContent('Not all is measured yet.');
  });
});
