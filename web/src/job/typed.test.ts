import { expect, it } from 'vitest';
import type { Planned } from '../api/client';
import { asTyped, blank, copyName } from './typed';

const planned = (name: string) => ({ key: name, edition: 1, typed: blank(name) }) as Planned;
const names = (features: Planned[]) => features.map(({ typed }) => typed.name);

it('keeps in its place what somebody takes out while it is typed here', () => {
  const begun = { body: { feature: planned('body'), at: 1 } };
  const kept = [planned('left end'), planned('right end')];
  expect(names(asTyped(kept, {}, [], begun))).toEqual(['left end', 'body', 'right end']);
});

it('shows what was typed of a feature that somebody took out until a choice is made', () => {
  const draft = { typed: blank('waist'), means: undefined };
  expect(names(asTyped([planned('left end')], { body: draft }, [], {}))).toEqual([
    'left end',
    'waist',
  ]);
});

it.each([
  ['journal', ['journal'], 'journal 2'],
  ['journal 1', ['journal 1', 'journal 2'], 'journal 3'],
  ['left end Ø 25 k6', ['left end Ø 25 k6'], 'left end Ø 25 k6 2'],
  ['hole 9', ['hole 9'], 'hole 10'],
])('the next after %s, beside %s, is %s', (name, taken, next) => {
  expect(copyName(name, taken)).toBe(next);
});
