import { useLayoutEffect } from 'react';
import type { Shop } from '../api/client';

export type KeyedGauge = Shop['keyboardGauges'][number];

/** A hand is slower than this between two keys, and a gauge that types is faster. */
const BY_A_GAUGE_MS = 120;

/** Events that were held back, and are given to the page after all. */
const REPLAYED = 'jawReadReplayed';

/** Whose mark stood before the figure that is coming in; empty where none did. */
let typing = '';

/** What may be the beginning of a mark, over a change of pages too. */
let held: { key: string; target: EventTarget | null }[] = [];
let soon: ReturnType<typeof setTimeout> | undefined;

function giveBack() {
  const given = held;
  held = [];
  for (const { key, target } of given) {
    const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true });
    Object.defineProperty(event, REPLAYED, { value: true });
    const isThere = target instanceof Node && target.isConnected;
    (isThere ? target : document.body).dispatchEvent(event);
  }
}

/** The gauge whose mark stood before the figure that just ended; it is told once. */
export function takeTyping(): string {
  const by = typing;
  typing = '';
  return by;
}

/** Whether a gauge is typing: its mark came, and its figure has not ended. */
export const isTyping = (): boolean => typing !== '';

/** A figure without what the gauge that typed it puts behind it; a unit belongs to the figure. */
export function withoutEnd(text: string, by: KeyedGauge | undefined): string {
  const isEnd = by !== undefined && by.after !== '' && !by.afterIsUnit && text.endsWith(by.after);
  return isEnd ? text.slice(0, -by.after.length).trimEnd() : text;
}

/**
 * Takes what a gauge puts before its figures out of the keys, on every page: it would press what the letter does there. What turns out to
 * be no mark, or came as slowly as a hand types, is given to the page after all.
 */
export function useKeyedGauges(gauges: KeyedGauge[] | undefined): void {
  useLayoutEffect(() => {
    const marks = (gauges ?? []).filter(({ before }) => before !== '');
    if (marks.length === 0) {
      return undefined;
    }
    const press = (event: KeyboardEvent) => {
      if (REPLAYED in event || event.key === 'Shift' || !isFree(event)) {
        return;
      }
      clearTimeout(soon);
      const so = held.map(({ key }) => key).join('') + event.key;
      const mark = marks.find(({ before }) => before.startsWith(so));
      if (mark === undefined) {
        giveBack();
        return;
      }
      event.preventDefault();
      event.stopImmediatePropagation();
      held.push({ key: event.key, target: event.target });
      if (mark.before === so) {
        held = [];
        typing = mark.gauge;
      } else {
        soon = setTimeout(giveBack, BY_A_GAUGE_MS);
      }
    };
    // Before all others: a shortcut acts on the first letter.
    window.addEventListener('keydown', press, { capture: true });
    // What is held stays held: the page that takes this one's place goes on with it.
    return () => window.removeEventListener('keydown', press, { capture: true });
  }, [gauges]);
}

/** Where a letter is typed it is a letter; in an entry that is empty no figure begins with one. */
function isFree({ key, target, ctrlKey, altKey, metaKey }: KeyboardEvent): boolean {
  if (key.length !== 1 || ctrlKey || altKey || metaKey) {
    return false;
  }
  const field =
    target instanceof HTMLElement ? target.closest('input, textarea, select') : undefined;
  return (
    !field || (field instanceof HTMLInputElement && 'entry' in field.dataset && field.value === '')
  );
}
