import { useMemo } from 'react';
import { useRemembered } from '../ui/remembered';
import type { Shortcuts } from './useKeys';

/** What a key does while measuring, in the order in which it is used. */
export const ACTIONS = {
  scale: ['s', 'read by the drawn scale, or typed again'],
  made: ['h', 'made of two or three figures, or one again'],
  cut: ['c', 'a cut was taken: open the next round'],
  next: ['n', 'the next thing to do in this job'],
  differs: ['l', 'the scale in hand does not look as drawn: open it there'],
  same: ['=', 'the same figure once more'],
  strike: ['x', 'strike the last reading, with its reason'],
  again: ['t', 'take it again: the last reading is struck as slipped'],
  place: ['p', 'this place: its history, a note, pass it over'],
  quick: ['q', 'a quick check with another gauge, or not'],
  axis: ['v', 'the third axis that is offered'],
  doubtWhich: ['d', 'of several in doubt: the next one, for the keys below'],
  doubtAgain: ['a', 'in doubt: read it again'],
  doubtCorrect: ['o', 'in doubt: it was what the slip says'],
  doubtKeep: ['k', 'in doubt: keep it as read'],
  doubtPractise: ['y', 'in doubt: five items of practice of that slip'],
  belongs: ['b', 'these belong to another part or place: move them'],
  putBack: ['u', 'put back what was moved last'],
  worst: ['w', 'a place found by hand: the worst there is'],
  gauge: ['g', 'another gauge'],
  rod: ['e', 'by its scale: the next rod, collar or nibs in it'],
  setIt: ['f', 'set the gauge in hand on its master'],
  care: ['z', 'the gauge in hand: zero it; it was dropped, went off, has a new cell'],
  judgement: ['j', 'what the part comes to'],
  sounds: ['m', 'sounds on or off'],
  readBack: ['r', 'figures spoken back, or not'],
  accept: ['', 'a pedal: ends the entry, as Enter does'],
} as const satisfies Record<string, readonly [key: string, does: string]>;

export type Action = keyof typeof ACTIONS;

/** The keys in force on this device: those the program starts with, and what somebody has put in their place. */
export interface Bindings {
  keyOf: (action: Action) => string;
  /** Puts an action on a key, taking it off whatever had it; on none, it is off. */
  bind: (action: Action, key: string) => void;
  /** Whether letters act at all. */
  on: boolean;
  toggle: () => void;
  /** What the keys in force do. */
  shortcuts: (acts: Partial<Record<Action, () => void>>) => Shortcuts;
}

/** A figure's own characters, and those that end or empty it, cannot be given away. */
export const mayBind = (key: string): boolean =>
  !/^[\d.,+\-\u2212/ ?]$/.test(key) &&
  !['Enter', 'Tab', 'Escape', 'Backspace', 'Shift', 'Control', 'Alt', 'Meta'].includes(key);

const OFF = 'off';

export function useBindings(): Bindings {
  const [written, write] = useRemembered('keys', '{}');
  const [letters, setLetters] = useRemembered('letters', 'on');
  return useMemo(() => {
    const own = JSON.parse(written) as Partial<Record<Action, string>>;
    const keyOf = (action: Action) => own[action] ?? ACTIONS[action][0];
    const all = Object.keys(ACTIONS) as Action[];
    const on = letters !== OFF;
    return {
      keyOf,
      bind: (action, key) => {
        const taken = key === '' ? [] : all.filter((other) => keyOf(other) === key);
        write(
          JSON.stringify({
            ...own,
            ...Object.fromEntries(taken.map((other) => [other, ''])),
            [action]: key,
          }),
        );
      },
      on,
      toggle: () => setLetters(on ? OFF : 'on'),
      shortcuts: (acts) =>
        Object.fromEntries(
          on
            ? all.flatMap((action) => {
                const act = acts[action];
                return act && keyOf(action) !== '' ? [[keyOf(action), act]] : [];
              })
            : [],
        ),
    };
  }, [written, letters, write, setLetters]);
}
