import { QueryClientProvider } from '@tanstack/react-query';
import { useEffect } from 'react';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Doubt, Place } from '../api/client';
import { queries } from '../api/queries';
import { Doubts } from './Doubts';
import { useDoubtAnswer } from './useDoubtAnswer';
import type { Measuring } from './useMeasuring';

const size = (text: string, pm = 1) => ({ pm, text, unit: 'mm', other: '' });

const misread = (more: object = {}): Doubt =>
  ({
    kind: 'misread',
    sentence: '32.470 mm lies 0.501 mm from the middle of its limits',
    settle: 'Read it again; if it was right, keep it as it is.',
    readings: [
      {
        id: 'r1',
        size: size('32.470'),
        scale: '',
        base: '25 mm',
        slip: {
          code: 'next-line',
          words: 'a line too many',
          shouldBe: size('31.970', 31970000000),
        },
      },
    ],
    ...more,
  }) as unknown as Doubt;

const sent: { url: string; body: unknown }[] = [];

beforeEach(() => {
  sent.length = 0;
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      sent.push({ url: request.url, body: JSON.parse(await request.text()) as unknown });
      return new Response('{}', { status: 500 });
    }),
  );
});

const answer = { current: undefined as ReturnType<typeof useDoubtAnswer> | undefined };

function AtPlace({ measuring }: { measuring: Measuring }) {
  const answering = useDoubtAnswer(measuring);
  useEffect(() => {
    answer.current = answering;
  });
  return (
    <Doubts
      measuring={measuring}
      answering={answering}
      keyOf={(answer) => ({ again: 'a', correct: 'o', keep: 'k' })[answer]}
    />
  );
}

function show(doubts: Doubt[]) {
  const place = { id: 1, doubts } as unknown as Place;
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter>
        <AtPlace measuring={{ place, person: 1 } as unknown as Measuring} />
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

const press = async (name: RegExp) => {
  fireEvent.click(screen.getByRole('button', { name }));
  await vi.waitFor(() => expect(sent).toHaveLength(1));
  return sent[0]?.body;
};

describe('a reading in doubt', () => {
  it('is not there where nothing is', () => {
    show([]);
    expect(screen.queryByRole('region', { name: 'In doubt' })).toBeNull();
  });

  it('is read again: struck, and the slip is owned to', async () => {
    show([misread()]);
    expect(document.body).toHaveTextContent(/lies 0.501 mm from the middle/);
    expect(await press(/Strike 32.470/)).toEqual({
      reading: 'r1',
      kind: 'STRIKE',
      reason: 'a line too many',
      slip: 'next-line',
    });
  });

  it('is put right to what the slip says, with its reason', async () => {
    show([misread()]);
    expect(await press(/32.470 was 31.970/)).toMatchObject({
      kind: 'CORRECT',
      shouldBePm: 31970000000,
      slip: 'next-line',
    });
  });

  it('is kept as it was read, and no slip is owned to', async () => {
    show([misread()]);
    expect(await press(/Keep 32.470/)).toEqual({
      reading: 'r1',
      kind: 'KEEP',
      reason: 'looked at again, it was right',
    });
  });

  it('asks why what was read on a gauge that nobody had set may stand', async () => {
    show([misread({ kind: 'never-set' })]);
    fireEvent.click(screen.getByRole('button', { name: /Keep 32.470/ }));
    const why = screen.getByLabelText('Why 32.470 may stand');
    expect(why).toHaveFocus();
    expect(screen.getByRole('button', { name: /Keep 32.470/ })).toBeDisabled();
    fireEvent.change(why, { target: { value: ' set that morning on R2 ' } });
    fireEvent.submit(why);
    await vi.waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]?.body).toMatchObject({ kind: 'KEEP', reason: 'set that morning on R2' });
  });

  it('offers no correction where no slip accounts for it', () => {
    show([misread({ readings: [{ id: 'r1', size: size('33.1'), scale: '', base: '' }] })]);
    expect(screen.queryByRole('button', { name: / was / })).toBeNull();
    expect(screen.getByRole('button', { name: /Strike 33.1, read again/ })).toBeVisible();
  });

  it('asks nothing of a pair but the next reading, and of a zero leads to all that rests on it', () => {
    show([misread({ kind: 'pair' }), misread({ kind: 'zero', sentence: 'M6 was found off' })]);
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.getByRole('link', { name: /all that rests on it/ })).toHaveAttribute(
      'href',
      '/doubts',
    );
  });

  describe('beside another', () => {
    const other = {
      readings: [{ id: 'r2', size: size('31.000'), scale: '', base: '' }],
    };

    it('is answered by no key until it was picked, and then alone', async () => {
      show([misread(), misread(other)]);
      act(() => answer.current?.byKey('again', 'd'));
      expect(screen.getByRole('status')).toHaveTextContent(
        '2 figures are in doubt here: D picks the one you mean.',
      );
      act(() => answer.current?.pick());
      act(() => answer.current?.pick());
      expect(screen.getByRole('status')).toHaveTextContent('The keys answer 31.000.');
      act(() => answer.current?.byKey('again', 'd'));
      // The same key twice is one answer.
      act(() => answer.current?.byKey('again', 'd'));
      await vi.waitFor(() => expect(sent).toHaveLength(1));
      expect(sent[0]?.body).toMatchObject({ reading: 'r2', kind: 'STRIKE' });
    });

    it('shows the keys on the one that has the focus', () => {
      show([misread({ kind: 'checks' }), misread(other)]);
      expect(screen.queryByText('A')).toBeNull();
      fireEvent.focus(screen.getByRole('button', { name: /Strike 31.000/ }));
      expect(screen.getByRole('group', { name: '31.000 in doubt' })).toHaveTextContent('A Strike');
      expect(screen.getByRole('group', { name: '32.470 in doubt' })).not.toHaveTextContent('A ');
    });
  });
});
