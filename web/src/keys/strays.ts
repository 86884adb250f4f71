import { useLayoutEffect } from 'react';
import { newId } from '../api/newId';
import { remember, remembered, useRemembered } from '../ui/remembered';
import { isTyping, type KeyedGauge, takeTyping, withoutEnd } from './keyedGauges';
import { entryIsTaken, OPENS_AN_ENTRY } from './useKeys';

/** A figure that came while nothing waited for one. */
export interface Stray {
  id: string;
  figure: string;
}

const NAME = 'strays';

/** What came of a figure that has not ended; a page that takes another's place goes on with it. */
let figure = '';
let lastKey = 0;

/** A gauge is never that slow between two characters, and no page takes so long to take another's place. */
const SAME_FIGURE_MS = 1_000;

const all = (): Stray[] => JSON.parse(remembered(NAME) ?? '[]') as Stray[];

/** Lays a figure down that came while nothing waited for it. */
export const addStray = (figure: string) =>
  remember(NAME, JSON.stringify([...all(), { id: newId(), figure }]));

/** They stay until somebody has seen to them, over a reload too. */
export function useStrays(): [Stray[], (id: string) => void] {
  const [written] = useRemembered(NAME, '[]');
  const put = (id: string) => {
    const left = all().filter((stray) => stray.id !== id);
    remember(NAME, left.length === 0 ? '' : JSON.stringify(left));
  };
  return [JSON.parse(written) as Stray[], put];
}

/**
 * Gathers figures that a gauge with a keyboard’s plug sends while no entry waits for them: none is lost, and none ends up where it
 * does not belong.
 */
export function useCatchStrays(gauges: KeyedGauge[] | undefined): void {
  useLayoutEffect(() => {
    if (Date.now() - lastKey > SAME_FIGURE_MS) {
      figure = '';
    }
    const ends = (gauges ?? []).map(({ after }) => after).filter((after) => after !== '');
    /** Without a mark before it, whoever puts behind a figure what stands there. */
    const typedBy = (mark: string) =>
      (gauges ?? []).find(({ gauge, after }) =>
        mark === '' ? after !== '' && figure.endsWith(after) : gauge === mark,
      );
    /** Whether it goes on to what some gauge puts behind its figures. */
    const goesOn = (key: string) =>
      key.length === 1 &&
      /\d/.test(figure) &&
      ends.some((end) => end.startsWith(figure.replace(/^[\d.,+\-\u2212]+/, '') + key));
    const press = (event: KeyboardEvent) => {
      lastKey = Date.now();
      const { target } = event;
      const isElsewhere =
        target instanceof HTMLElement &&
        target.closest('input, textarea, select, [role="spinbutton"], [role="grid"]') !== null;
      if (event.defaultPrevented || entryIsTaken() || isElsewhere || event.ctrlKey) {
        figure = '';
      } else if (OPENS_AN_ENTRY.test(event.key)) {
        if (isTyping()) {
          // No hand pressed it: it picks nothing on this page.
          event.preventDefault();
          event.stopImmediatePropagation();
        }
        figure += event.key;
      } else if (goesOn(event.key)) {
        // It belongs to the figure, and presses nothing.
        event.preventDefault();
        event.stopImmediatePropagation();
        figure += event.key;
      } else if (event.key === 'Enter' || event.key === 'Tab') {
        if (/\d/.test(figure)) {
          // The line end belongs to the figure, and presses nothing.
          event.preventDefault();
          addStray(withoutEnd(figure, typedBy(takeTyping())));
        }
        figure = '';
        takeTyping();
      } else if (event.key !== 'Shift') {
        figure = '';
      }
    };
    document.addEventListener('keydown', press, { capture: true });
    return () => document.removeEventListener('keydown', press, { capture: true });
  }, [gauges]);
}
