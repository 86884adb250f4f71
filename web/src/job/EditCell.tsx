import { type KeyboardEvent, useLayoutEffect, useRef, useState } from 'react';
import type { Column } from './columns';
import { useFromCard } from '../ui/fromCard';
import type { RowActs } from './FeatureRow';

interface EditCellProps {
  column: Column;
  /** The stroke that opened it, or empty to edit what stands there. */
  atFirst: string;
  value: string;
  label: string;
  onType: RowActs['type'];
  onEnd: RowActs['end'];
}

const CELL = 'min-h-10 w-full min-w-0 rounded-edge border-2 border-now bg-paper px-1 outline-none';

/** The open field of a cell. Enter keeps and goes down, Tab keeps and goes on, Escape leaves it as it was. */
export function EditCell({ column, atFirst, value, label, onType, onEnd }: EditCellProps) {
  const [text, setText] = useState(column.choices || atFirst === '' ? value : atFirst);
  const field = useRef<HTMLInputElement & HTMLSelectElement>(null);
  const done = useRef(false);
  useLayoutEffect(() => {
    field.current?.focus();
    if (atFirst === '' && field.current instanceof HTMLInputElement) {
      field.current.select();
    }
  }, [atFirst]);
  const fromCard = useFromCard();
  const end = (kept: string | undefined, to: Parameters<RowActs['end']>[1]) => {
    if (!done.current) {
      done.current = true;
      onEnd(kept, to);
    }
  };
  const press = (event: KeyboardEvent) => {
    const to = { Enter: 'down', Tab: event.shiftKey ? 'back' : 'next' } as const;
    if (event.key === 'Enter' || event.key === 'Tab') {
      event.preventDefault();
      event.stopPropagation();
      end(text, to[event.key]);
    } else if (event.key === 'Escape') {
      event.stopPropagation();
      end(undefined, 'stay');
    } else if (event.key === 'F4' && column.field === 'limits' && fromCard !== '') {
      event.preventDefault();
      event.stopPropagation();
      change(fromCard);
    } else {
      // What is typed here belongs to the field.
      event.stopPropagation();
    }
  };
  const change = (next: string) => {
    setText(next);
    onType(next);
  };
  const shared = {
    ref: field,
    value: text,
    'aria-label': label,
    onKeyDown: press,
    onBlur: () => end(text, 'stay'),
    className: CELL,
  };
  return column.choices ? (
    <select {...shared} onChange={(event) => change(event.target.value)}>
      {Object.entries(column.choices).map(([code, name]) => (
        <option key={code} value={code}>
          {name}
        </option>
      ))}
    </select>
  ) : (
    <input
      {...shared}
      autoComplete="off"
      spellCheck={false}
      onChange={(event) => change(event.target.value)}
    />
  );
}
