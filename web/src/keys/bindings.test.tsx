import { act, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { useBindings } from './bindings';

describe('the keys in force', () => {
  beforeEach(() => localStorage.clear());

  it('are those the program starts with, a pedal on none', () => {
    const { result } = renderHook(useBindings);
    expect(result.current.keyOf('strike')).toBe('x');
    expect(result.current.keyOf('accept')).toBe('');
  });

  it('do what is on them, and nothing that is on none', () => {
    const strike = vi.fn();
    const accept = vi.fn();
    const { result } = renderHook(useBindings);
    const { shortcuts } = result.current;
    expect(Object.keys(shortcuts({ strike, accept }))).toEqual(['x']);
    shortcuts({ strike })['x']?.();
    expect(strike).toHaveBeenCalledTimes(1);
  });

  it('are changed for good, and a key does one thing', () => {
    const { result, unmount } = renderHook(useBindings);
    act(() => result.current.bind('place', 'x'));
    unmount();
    const { result: later } = renderHook(useBindings);
    expect(later.current.keyOf('place')).toBe('x');
    expect(later.current.keyOf('strike')).toBe('');
    act(() => later.current.bind('place', ''));
    expect(later.current.keyOf('place')).toBe('');
  });

  it('can be off altogether', () => {
    const { result } = renderHook(useBindings);
    act(() => result.current.toggle());
    expect(result.current.on).toBe(false);
    expect(result.current.shortcuts({ strike: () => undefined })).toEqual({});
    act(() => result.current.toggle());
    expect(result.current.on).toBe(true);
  });
});
