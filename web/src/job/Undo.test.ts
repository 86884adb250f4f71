import { expect, it } from 'vitest';
import type { PlanChange } from '../api/client';
import { type Can, Undo } from './Undo';

const change = (key: string): PlanChange => ({ puts: [], removes: [{ key, edition: 1 }] });
const keyOf = ({ removes }: PlanChange) => removes[0]?.key;
const settled = () => new Promise((next) => setTimeout(next));

it('takes back the change that is seen, though its answer is still on its way', async () => {
  const undo = new Undo(() => undefined);
  undo.follow(Promise.resolve(change('first')));
  let answer: (undo: PlanChange) => void = () => undefined;
  undo.follow(new Promise((tell) => (answer = tell)));
  const made: (string | undefined)[] = [];
  undo.undo(async (back) => {
    made.push(keyOf(back));
    return change('again');
  });
  await settled();
  expect(made).toEqual([]);
  answer(change('second'));
  await settled();
  expect(made).toEqual(['second']);
});

it('does again what was taken back, until something else is done', async () => {
  const told: Can[] = [];
  const undo = new Undo((can) => told.push(can));
  undo.follow(Promise.resolve(change('undo')));
  undo.undo(async () => change('redo'));
  const made: (string | undefined)[] = [];
  undo.redo(async (again) => {
    made.push(keyOf(again));
    return change('undo once more');
  });
  await settled();
  expect(made).toEqual(['redo']);
  undo.undo(async () => change('redo once more'));
  undo.follow(Promise.resolve(change('other')));
  await settled();
  expect(told.at(-1)).toEqual({ undo: true, redo: false });
});

it('remembers nothing of a change that was refused, nor of one that did nothing', async () => {
  const told: Can[] = [];
  const undo = new Undo((can) => told.push(can));
  undo.follow(Promise.resolve(undefined));
  undo.follow(Promise.resolve({ puts: [], removes: [] }));
  await settled();
  expect(told).toEqual([]);
});

it('keeps what is not taken back after all, because of what that would leave aside', async () => {
  const told: Can[] = [];
  const undo = new Undo((can) => told.push(can));
  undo.follow(Promise.resolve(change('first')));
  undo.undo(async () => 'left');
  await settled();
  expect(told.at(-1)).toEqual({ undo: true, redo: false });
  const made: (string | undefined)[] = [];
  undo.undo(async (back) => {
    made.push(keyOf(back));
    return change('again');
  });
  await settled();
  expect(made).toEqual(['first']);
});
