import { useRef, useState } from 'react';
import { Problem } from '../api/client';
import { outbox } from '../api/outbox';
import { type Measuring, NOBODY_PICKED } from './useMeasuring';

/** The open entry: what is typed, and why the last of it was refused. */
export interface Entry {
  text: string;
  refusal: string;
  type: (text: string) => void;
  /** Opens the entry with a character pressed anywhere on the page. */
  open: (character: string) => void;
  /** Ends the entry: the figure is kept. On an empty one nothing happens, for some gauges send two line ends. */
  end: () => void;
  clear: () => void;
}

/**
 * What is typed at a feature. It survives a reload and the way back, and a refused figure is given back to be put right,
 * unless another one is being typed by then: the refused one then lies in the tray.
 *
 * @param draft names the feature it is typed at
 * @param focus brings the field to the fore
 */
export function useEntry(
  measuring: Pick<Measuring, 'keep' | 'setWay' | 'way' | 'person'>,
  draft: string,
  focus: () => void,
): Entry {
  const name = `jaw-read draft ${draft}`;
  const [text, setText] = useState(() => sessionStorage.getItem(name) ?? '');
  const [refusal, setRefusal] = useState('');
  const latest = useRef(text);
  const type = (next: string) => {
    latest.current = next;
    sessionStorage.setItem(name, next);
    setText(next);
  };
  const end = async () => {
    const typed = latest.current;
    if (typed.trim() === '') {
      return;
    }
    type('');
    setRefusal('');
    const became = await measuring.keep({ typed, figure: typed });
    if (became === undefined) {
      type(typed);
      setRefusal(
        measuring.person === undefined
          ? NOBODY_PICKED
          : 'Every reading is kept with its gauge: pick first the one in your hand.',
      );
    } else if (became instanceof Problem) {
      setRefusal(became.message);
      if (latest.current === '') {
        type(typed);
        const refused = outbox
          .all()
          .findLast(({ body, refusal: why }) => why && body.typed === typed);
        await (refused && outbox.putAway(refused.id));
      }
    }
  };
  return {
    text,
    refusal,
    type: (next) => {
      setRefusal('');
      type(next);
    },
    open: (character) => {
      setRefusal('');
      type(latest.current + character);
      if (measuring.way === 'scale') {
        measuring.setWay('typed');
      }
      focus();
    },
    end: () => void end(),
    clear: () => {
      setRefusal('');
      type('');
    },
  };
}
