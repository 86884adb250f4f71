import {
  type ClipboardEvent,
  type KeyboardEvent,
  useEffect,
  useLayoutEffect,
  useRef,
  useState,
} from 'react';
import { useLocation } from 'react-router';
import type { TypedFeature } from '../api/client';
import { COLUMNS } from './columns';
import { FeatureRow, type RowActs } from './FeatureRow';
import { NewFeature } from './NewFeature';
import { blank } from './typed';
import type { Planning } from './usePlanning';
import { useFromCard } from '../ui/fromCard';

interface FeatureGridProps {
  planning: Planning;
  /** A feature as it is being typed, for what it would mean. */
  onDraft: (draft: TypedFeature | undefined) => void;
  onPaste: (text: string) => void;
}

interface At {
  key: string;
  column: number;
}

const LAST = COLUMNS.length - 1;
const LIMITS = COLUMNS.findIndex(({ field }) => field === 'limits');

/**
 * The features of a plan, edited in place: the arrows go from cell to cell, typing or Enter opens one, Enter keeps and goes
 * down, Tab keeps and goes on. The row behind the last is for the next feature.
 */
export function FeatureGrid({ planning, onDraft, onPaste }: FeatureGridProps) {
  const { features, at: here } = planning;
  const grid = useRef<HTMLDivElement>(null);
  // Who has just planned a job begins at the name of its first feature; in an empty plan that is the row for the next.
  const isPlanned = (useLocation().state as { planned?: boolean } | null)?.planned === true;
  const [cell, setCell] = useState<At | undefined>(() =>
    isPlanned && features[0] ? { key: features[0].key, column: 0 } : undefined,
  );
  const [editing, setEditing] = useState<string | undefined>();
  const [isNew, setIsNew] = useState(() => isPlanned && features.length === 0);
  const column = cell?.column ?? 0;
  const index = features.findIndex(({ key }) => key === here?.key);

  /** Whatever the acts need, as it now stands; the acts themselves stay the same. */
  const latest = useRef({ planning, cell, editing, onDraft });
  useLayoutEffect(() => {
    latest.current = { planning, cell, editing, onDraft };
  });
  const [acts] = useState<RowActs>(() => {
    const enter = (key: string, to: number) => {
      setCell({ key, column: to });
      setIsNew(false);
      setEditing((open) =>
        latest.current.cell?.key === key && latest.current.cell.column === to ? open : undefined,
      );
      latest.current.planning.select(key);
    };
    return {
      enter,
      open: (key, to) => {
        enter(key, to);
        latest.current.planning.begin(key);
        setEditing('');
      },
      type: (text) => {
        const { planning: now, cell: open } = latest.current;
        const typed = now.features.find(({ key }) => key === open?.key)?.typed;
        const written = open && typed && COLUMNS[open.column]?.write(typed, text);
        latest.current.onDraft(written);
      },
      end: (text, to) => {
        const { planning: now, cell: open } = latest.current;
        setEditing(undefined);
        latest.current.onDraft(undefined);
        const all = now.features;
        const row = all.findIndex(({ key }) => key === open?.key);
        const feature = all[row];
        if (open === undefined || feature === undefined) {
          return;
        }
        const field = COLUMNS[open.column];
        if (text !== undefined && field && text.trim() !== field.value(feature)) {
          now.write(field.write(feature.typed, text.trim()), feature.key);
        } else {
          now.leave(feature.key);
        }
        const next = step(open.column, row, to, all.length);
        const target = all[next.row];
        if (target) {
          setCell({ key: target.key, column: next.column });
          now.select(target.key);
        } else if (next.row >= all.length) {
          setIsNew(true);
        }
      },
      point: (key) => latest.current.planning.point(key),
    };
  });

  // The cell that has the keys is the one that has the focus, wherever the row was drawn anew.
  useEffect(() => {
    if (cell !== undefined && editing === undefined && !isNew) {
      const row = grid.current?.querySelector(`[data-key="${cell.key}"]`);
      const target = row?.querySelector<HTMLElement>(`[data-column="${cell.column}"]`);
      if (
        grid.current?.contains(document.activeElement) ||
        document.activeElement === document.body
      ) {
        target?.focus();
        target?.scrollIntoView({ block: 'nearest' });
      }
    }
  }, [cell, editing, isNew]);

  const fromCard = useFromCard();
  const goTo = (row: number, to: number) => {
    const target = features[Math.min(Math.max(row, 0), features.length - 1)];
    if (row >= features.length) {
      setIsNew(true);
    } else if (target) {
      acts.enter(target.key, Math.min(Math.max(to, 0), LAST));
    }
  };
  const press = (event: KeyboardEvent) => {
    if (here === undefined || isNew || editing !== undefined) {
      return;
    }
    const command = event.ctrlKey || event.metaKey;
    const act = command
      ? { d: () => planning.duplicate(here.key) }[event.key]
      : event.altKey
        ? {
            ArrowUp: () => planning.move(here.key, -1),
            ArrowDown: () => planning.move(here.key, 1),
          }[event.key]
        : {
            ArrowUp: () => goTo(index - 1, column),
            ArrowDown: () => goTo(index + 1, column),
            ArrowLeft: () => goTo(index, column - 1),
            ArrowRight: () => goTo(index, column + 1),
            Home: () => goTo(0, 0),
            End: () => goTo(features.length - 1, 0),
            PageUp: () => goTo(index - 10, column),
            PageDown: () => goTo(Math.min(index + 10, features.length - 1), column),
            Enter: () => acts.open(here.key, column),
            F2: () => acts.open(here.key, column),
            // What was taken from the card last, into the limits.
            F4: () => {
              if (column === LIMITS && fromCard !== '') {
                planning.begin(here.key);
                setEditing(fromCard);
              }
            },
            Delete: () => planning.remove(here.key),
            Insert: () => setIsNew(true),
          }[event.key];
    if (act) {
      event.preventDefault();
      event.stopPropagation();
      act();
    } else if (event.key.length === 1 && !command && !event.altKey && event.key !== '?') {
      event.preventDefault();
      event.stopPropagation();
      planning.begin(here.key);
      setEditing(event.key);
    }
  };
  const paste = (event: ClipboardEvent) => {
    const text = event.clipboardData.getData('text/plain');
    if (/[\t\n]/.test(text.trim())) {
      event.preventDefault();
      onPaste(text);
    }
  };
  return (
    <div
      ref={grid}
      role="grid"
      aria-label="Features"
      aria-rowcount={features.length + 2}
      aria-colcount={COLUMNS.length + 3}
      onKeyDown={press}
      onPaste={paste}
    >
      <div role="row" className="plan-row border-b-2 border-ink">
        <div role="columnheader" className="label px-2 text-right">
          <span className="sr-only">Number</span>
        </div>
        {COLUMNS.map(({ field, head }) => (
          <div key={field} role="columnheader" className="label px-2">
            {head}
          </div>
        ))}
        <div role="columnheader" className="label px-2">
          Allowed, {planning.job.unit}
        </div>
        <div role="columnheader" className="label px-2 text-right">
          Time
        </div>
      </div>
      {features.map((feature, i) => {
        const isHere = feature.key === here?.key;
        const hasKeys = cell?.key === feature.key && !isNew;
        return (
          <FeatureRow
            key={feature.key}
            feature={feature}
            number={i + 1}
            here={isHere}
            pointed={planning.pointed === feature.key}
            column={hasKeys ? cell.column : cell === undefined && i === 0 ? 0 : undefined}
            editing={hasKeys ? editing : undefined}
            refused={planning.refused[feature.key]}
            acts={acts}
          />
        );
      })}
      <NewFeature
        focused={isNew}
        onFocus={() => setIsNew(true)}
        onLeave={(to) => {
          setIsNew(false);
          goTo(to === 'up' ? features.length - 1 : index, column);
        }}
        onName={(name) => {
          const key = planning.write(blank(name));
          setIsNew(false);
          // Its name tells the kind as a rule: the limits come next.
          setCell({ key, column: LIMITS });
          setEditing('');
          planning.select(key);
        }}
      />
    </div>
  );
}

/** The cell after this one, the way the hand goes. */
function step(
  column: number,
  row: number,
  to: 'stay' | 'down' | 'next' | 'back',
  rows: number,
): { row: number; column: number } {
  switch (to) {
    case 'down':
      return row === rows - 1 ? { row: rows, column: 0 } : { row: row + 1, column };
    case 'next':
      return column === LAST ? { row: row + 1, column: 0 } : { row, column: column + 1 };
    case 'back':
      return column === 0
        ? { row: Math.max(row - 1, 0), column: LAST }
        : { row, column: column - 1 };
    case 'stay':
      return { row, column };
  }
}
