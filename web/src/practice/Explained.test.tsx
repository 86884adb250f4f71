import { QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Answered, PracticeItem } from '../api/practice';
import { keys, queries } from '../api/queries';
import { scales } from '../drawings/scales.fixture';
import { Explained } from './Explained';

beforeEach(() => {
  vi.stubGlobal('matchMedia', () => ({
    matches: false,
    addEventListener: vi.fn(),
    removeEventListener: vi.fn(),
  }));
});

const size = (text: string) => ({ pm: 1, text, unit: 'in', other: '' });

const item = (counts: Record<string, number>, base = '0 in'): PracticeItem => ({
  number: 1,
  scale: 'mic-in-001',
  name: 'micrometer',
  base,
  counts,
  asks: 'What does it read?',
});

const answered = (slip: object, more: object = {}): Answered =>
  ({
    number: 1,
    outcome: 'wrong',
    answer: size('0.299'),
    size: size('0.274'),
    steps: [
      { part: 'figure', label: 'figure, 2', figure: '0.200' },
      { part: 'lines', label: 'lines, 2', figure: '0.050' },
      { part: 'thimble', label: 'thimble, 24', figure: '0.024' },
    ],
    slips: [slip],
    says: '0.299 is 0.025 in off: a line too many. It reads 0.274.',
    ...more,
  }) as unknown as Answered;

function show(what: Answered, of: PracticeItem, onGoOn = vi.fn()) {
  queries.setQueryData(keys.scales, scales);
  const bare = scales.find(({ id }) => id === of.scale);
  if (bare === undefined) {
    throw new Error(`No scale ${of.scale} in the fixture`);
  }
  return {
    onGoOn,
    ...render(
      <QueryClientProvider client={queries}>
        <Explained answered={what} item={of} bare={bare} onGoOn={onGoOn} />
      </QueryClientProvider>,
    ),
  };
}

describe('a wrong answer', () => {
  it('shows the line that was counted beside the one that counts', () => {
    const { container } = show(
      answered({
        code: 'next-line',
        name: 'a line too many',
        tell: '',
        part: 'coarse',
        counts: { sleeve: 11, thimble: 24 },
      }),
      item({ sleeve: 10, thimble: 24 }),
    );
    expect(container.querySelectorAll('[data-line="taken"]')).toHaveLength(1);
    expect(screen.getByText('you counted to here')).toBeInTheDocument();
    expect(screen.getByText('this one counts')).toBeInTheDocument();
    expect(screen.getByText('lines, 2').parentElement).toHaveClass('text-gone');
    expect(screen.getByText('thimble, 24').parentElement).not.toHaveClass('text-gone');
  });

  it('shows the scale as it was read where the fine part was', () => {
    show(
      answered({
        code: 'thimble-mirrored',
        name: 'turned',
        tell: 'Look.',
        part: 'fine',
        counts: { sleeve: 10, thimble: 1 },
      }),
      item({ sleeve: 10, thimble: 24 }),
    );
    expect(screen.getByRole('figure', { name: 'As you read it: 0.299 in' })).toBeVisible();
    expect(screen.getByText('thimble, 24').parentElement).toHaveClass('text-gone');
  });

  it('gives the sum, and no guess, where no slip explains it', () => {
    const { onGoOn } = show(answered({}, { slips: [] }), item({ sleeve: 10, thimble: 24 }));
    expect(screen.getByText('it reads')).toBeVisible();
    expect(screen.queryByText('you counted to here')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: /go on/ }));
    expect(onGoOn).toHaveBeenCalled();
  });
});
