import { useEffect, useLayoutEffect, useRef } from 'react';

/** What a key does, by the key's name: `s`, `Enter`, `ArrowLeft`, `?`, and `Ctrl z` for one with the control or command key. */
export type Shortcuts = Partial<Record<string, () => void>>;

/** An entry that a digit, sign or point opens, wherever the focus is; while it is open every character belongs to it. */
export interface OpensByTyping {
  open: (character: string) => void;
  isOpen: boolean;
}

/**
 * Acts on a shortcut anywhere on the page, but not while a field or a dialog has the keys, nor with another modifier down: then
 * the key belongs to what it is pressed in.
 */
export function useKeys(shortcuts: Shortcuts, entry?: OpensByTyping): void {
  const latest = useRef({ shortcuts, entry });
  // With the page, not some time after it: the next key may come at once.
  useLayoutEffect(() => {
    latest.current = { shortcuts, entry };
  });
  useEffect(() => {
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
      }
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, []);
}

/** A digit, a sign or a point. */
const OPENS_AN_ENTRY = /^[0-9.,+\-\u2212]$/;

/** Whether the focused element uses this key itself. */
function belongs({ target, key }: KeyboardEvent): boolean {
  if (!(target instanceof HTMLElement)) {
    return false;
  }
  if (target.closest('[role="spinbutton"]') !== null) {
    return !/^[a-z?]$/i.test(key);
  }
  if (
    target instanceof HTMLInputElement &&
    target.dataset['entry'] !== undefined &&
    target.value === ''
  ) {
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
