import { act, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { type Gauge, Problem } from '../api/client';
import type { Fate } from '../api/outbox';
import { useEntry } from './useEntry';

describe('the entry', () => {
  const keep = vi.fn<() => Promise<Fate | undefined>>();
  const setWay = vi.fn();
  const focus = vi.fn();
  const entry = (draft = 'shaft 2', person: number | undefined = 1) =>
    renderHook(() =>
      useEntry({ keep, setWay, way: 'typed', keyed: [], person, gauge: undefined }, draft, focus),
    );

  beforeEach(() => {
    sessionStorage.clear();
    keep.mockReset();
    focus.mockReset();
  });

  it('opens with the first character, keeps what is typed over a reload, and is empty once it is kept', async () => {
    keep.mockResolvedValue('kept');
    const first = entry();
    act(() => first.result.current.open('3'));
    act(() => first.result.current.type('32.2'));
    expect(focus).toHaveBeenCalledTimes(1);
    first.unmount();
    const { result } = entry();
    expect(result.current.text).toBe('32.2');
    await act(async () => result.current.end());
    expect(keep).toHaveBeenCalledWith({ typed: '32.2', figure: '32.2' });
    expect(result.current.text).toBe('');
  });

  it('does nothing on Enter while it is empty: some gauges send two line ends', async () => {
    const { result } = entry();
    await act(async () => result.current.end());
    expect(keep).not.toHaveBeenCalled();
  });

  it('gives a refused figure back to be put right, with the sentence', async () => {
    keep.mockResolvedValue(
      new Problem(422, 'group-separator', 'One of them is the decimal mark.', 'typed'),
    );
    const { result } = entry();
    act(() => result.current.type('1,2.3'));
    await act(async () => result.current.end());
    expect(result.current.text).toBe('1,2.3');
    expect(result.current.refusal).toBe('One of them is the decimal mark.');
    act(() => result.current.type('12.3'));
    expect(result.current.refusal).toBe('');
  });

  it('leaves the next figure alone when the one before is refused late', async () => {
    let refuse: (fate: Fate) => void = () => undefined;
    keep.mockReturnValue(new Promise((tell) => (refuse = tell)));
    const { result } = entry();
    act(() => result.current.type('1,2.3'));
    act(() => result.current.end());
    act(() => result.current.type('32'));
    await act(async () => refuse(new Problem(422, 'group-separator', 'Too many marks.', 'typed')));
    expect(result.current.text).toBe('32');
    expect(result.current.refusal).toBe('Too many marks.');
  });

  it('says what is missing while nobody has stepped up, and loses nothing', async () => {
    keep.mockResolvedValue(undefined);
    const { result } = renderHook(() =>
      useEntry(
        { keep, setWay, way: 'typed', keyed: [], person: undefined, gauge: undefined },
        'shaft 2',
        focus,
      ),
    );
    act(() => result.current.type('32.2'));
    await act(async () => result.current.end());
    expect(result.current.text).toBe('32.2');
    expect(result.current.refusal).toContain('who measures');
  });

  it('makes one reading of two pins, the one that goes first', async () => {
    keep.mockResolvedValue('kept');
    const pins = { unit: 'mm', tries: [] as Gauge['tries'] } as Gauge;
    const { result } = renderHook(() =>
      useEntry(
        { keep, setWay, way: 'typed', keyed: [], person: 1, gauge: pins },
        'a hole between pins',
        focus,
      ),
    );
    act(() => result.current.type('6.00'));
    await act(async () => result.current.end());
    expect(keep).not.toHaveBeenCalled();
    expect(result.current.goes).toBe('6.00');
    act(() => result.current.type('6.01'));
    await act(async () => result.current.end());
    expect(keep).toHaveBeenCalledWith({ typed: '6.00', stops: '6.01', figure: '6.00 \u2026 6.01' });
    expect(result.current.goes).toBe('');
  });

  it('keeps the unit that a figure was typed in when a gauge of another takes its place', () => {
    const gauge = (unit: string) => ({ unit, scale: {} }) as Gauge;
    const entry = renderHook(
      ({ unit }) =>
        useEntry(
          { keep, setWay, way: 'typed', keyed: [], person: 1, gauge: gauge(unit) },
          'shaft of two units',
          focus,
        ),
      { initialProps: { unit: 'mm' } },
    );
    act(() => entry.result.current.open('3'));
    act(() => entry.result.current.open('2'));
    expect(entry.result.current.text).toBe('32');
    entry.rerender({ unit: 'in' });
    expect(entry.result.current.text).toBe('32 mm');
    entry.rerender({ unit: 'mm' });
    expect(entry.result.current.text).toBe('32');
  });

  describe('by the last digits', () => {
    const m6 = { key: '6', unit: 'mm', tries: [], scale: {} } as unknown as Gauge;
    const short = (otherHead?: string) =>
      renderHook(() =>
        useEntry({ keep, setWay, way: 'typed', keyed: [], person: 1, gauge: m6 }, 'short', focus, {
          gauge: '6',
          head: '32.2',
          digits: 2,
          ...(otherHead && { otherHead }),
        }),
      );

    it('exactly so many stand for the whole figure, and both are kept', async () => {
      keep.mockResolvedValue('kept');
      const { result } = short();
      act(() => result.current.type('36'));
      expect(result.current.wholes).toEqual(['32.236']);
      await act(async () => result.current.end());
      expect(keep).toHaveBeenCalledWith({ typed: '32.236', pressed: '36', figure: '32.236' });
    });

    it.each(['3', '236', '3.6', '-36', '36 mm'])('%s is a full figure', async (typed) => {
      keep.mockResolvedValue('kept');
      const { result } = short();
      act(() => result.current.type(typed));
      expect(result.current.wholes).toEqual([]);
      await act(async () => result.current.end());
      expect(keep).toHaveBeenCalledWith({ typed, figure: typed });
    });

    it('near a change of head nothing is guessed: both are shown, and one is picked', async () => {
      keep.mockResolvedValue('kept');
      const { result } = short('32.1');
      act(() => result.current.type('98'));
      await act(async () => result.current.end());
      expect(keep).not.toHaveBeenCalled();
      expect(result.current.wholes).toEqual(['32.298', '32.198']);
      await act(async () => result.current.pick('32.198'));
      expect(keep).toHaveBeenCalledWith({ typed: '32.198', pressed: '98', figure: '32.198' });
    });
  });
});
