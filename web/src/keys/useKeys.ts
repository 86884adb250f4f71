import { useLayoutEffect, useRef } from 'react';

/** What a key does, by the key's name: `s`, `Enter`, `ArrowLeft`, `?`, and `Ctrl z` for one with the control or command key. */
export type Shortcuts = Partial<Record<string, () => void>>;

/** An entry that a digit, sign or point opens, wherever the focus is; while it is open every character belongs to it. */
export interface OpensByTyping {
  open: (character: string) => void;
  isOpen: boolean;
}

/** A key that somebody stands on: it ends the entry whatever else it may be. */
export interface Pedal {
  key: string;
  act: () => void;
}

/**
 * Acts on a shortcut anywhere on the page, but not while a field or a dialog has the keys, nor with another modifier down: then
 * the key belongs to what it is pressed in. A page that is in sight has its keys: they come with it, not some time after it.
 */
export function useKeys(shortcuts: Shortcuts, entry?: OpensByTyping, pedal?: Pedal): void {
  const latest = useRef({ shortcuts, entry, pedal });
  useLayoutEffect(() => {
    latest.current = { shortcuts, entry, pedal };
  });
  const hasPedal = pedal !== undefined;
  const takesFigures = entry !== undefined;
  useLayoutEffect(() => {
    if (!takesFigures) {
      return undefined;
    }
    entries += 1;
    return () => {
      entries -= 1;
    };
  }, [takesFigures]);
  useLayoutEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.altKey || belongs(event)) {
        return;
      }
      const { shortcuts: now, entry: typing } = latest.current;
      const command = event.ctrlKey || event.metaKey;
      if (
        !command &&
        typing !== undefined &&
        (OPENS_AN_ENTRY.test(event.key) || (typing.isOpen && event.key.length === 1))
      ) {
        event.preventDefault();
        typing.open(event.key);
        return;
      }
      const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
      const act = now[command ? `Ctrl ${key}` : key];
      if (act !== undefined) {
        event.preventDefault();
        // An arrow held down goes on; Enter held down by a leaning arm keeps one reading, not ten.
        if (event.repeat && event.key === 'Enter') {
          return;
        }
        act();
      } else if (typing && !command && event.key.length === 1 && isEmptyEntry(event.target)) {
        // Only a figure opens the entry; a letter that does nothing here does not begin one.
        event.preventDefault();
      }
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, []);
  useLayoutEffect(() => {
    if (!hasPedal) {
      return undefined;
    }
    const press = (event: KeyboardEvent) => {
      const foot = latest.current.pedal;
      if (foot !== undefined && event.key === foot.key && !isTypingElsewhere(event.target)) {
        event.preventDefault();
        event.stopPropagation();
        if (!event.repeat) {
          foot.act();
        }
      }
    };
    // Before any field has it: a pedal's key may be a letter, and is none while an entry is open.
    document.addEventListener('keydown', press, { capture: true });
    return () => document.removeEventListener('keydown', press, { capture: true });
  }, [hasPedal]);
}

let entries = 0;

/** Whether a page is in sight that has an entry for figures. */
export const entryIsTaken = (): boolean => entries > 0;

/** In a field that is not the entry of the walk. */
const isTypingElsewhere = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.closest('input, textarea, select') !== null &&
  target.dataset['entry'] === undefined;

/** A digit, a sign or a point. */
export const OPENS_AN_ENTRY = /^[0-9.,+\-\u2212]$/;

const isEmptyEntry = (target: EventTarget | null): boolean =>
  target instanceof HTMLInputElement &&
  target.dataset['entry'] !== undefined &&
  target.value === '';

/** Whether the focused element uses this key itself. */
function belongs({ target, key }: KeyboardEvent): boolean {
  if (!(target instanceof HTMLElement)) {
    return false;
  }
  if (target.closest('[role="spinbutton"]') !== null) {
    return !/^[a-z?=]$/i.test(key);
  }
  if (isEmptyEntry(target)) {
    return key === 'Tab';
  }
  if (target.closest('input, textarea, select') !== null) {
    return true;
  }
  // A card has its own keys; but a figure that comes meanwhile is a reading, not an answer to the card.
  if (target.closest('[role="dialog"]') !== null) {
    return !OPENS_AN_ENTRY.test(key);
  }
  const pressable = target.closest('a, button, summary') !== null;
  return pressable && (key === 'Enter' || key === ' ');
}
