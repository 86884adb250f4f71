import { expect, it } from 'vitest';
import type { Planned } from '../api/client';
import { asTyped, blank, copyName } from './typed';

const planned = (name: string) => ({ key: name, edition: 1, typed: blank(name) }) as Planned;
const names = (features: Planned[]) => features.map(({ typed }) => typed.name);

it('keeps in its place what somebody takes out while it is typed here', () => {
  const begun = { body: { plan: 7, feature: planned('body'), at: 1 } };
  const plan = { id: 7, features: [planned('left end'), planned('right end')] };
  expect(names(asTyped(plan, {}, [], begun))).toEqual(['left end', 'body', 'right end']);
});

it('shows what was typed of a feature that somebody took out until a choice is made', () => {
  const drafts = { body: { plan: 7, typed: blank('waist'), means: undefined } };
  const at = (id: number) => asTyped({ id, features: [planned('left end')] }, drafts, [], {});
  expect(names(at(7))).toEqual(['left end', 'waist']);
  expect(names(at(8)), 'of another kind of part').toEqual(['left end']);
});

it.each([
  ['journal', ['journal'], 'journal 2'],
  ['journal 1', ['journal 1', 'journal 2'], 'journal 3'],
  ['left end Ø 25 k6', ['left end Ø 25 k6'], 'left end Ø 25 k6 2'],
  ['hole 9', ['hole 9'], 'hole 10'],
])('the next after %s, beside %s, is %s', (name, taken, next) => {
  expect(copyName(name, taken)).toBe(next);
});
