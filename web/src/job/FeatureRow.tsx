import { memo } from 'react';
import type { Planned } from '../api/client';
import { COLUMNS } from './columns';
import { EditCell } from './EditCell';
import type { Refused } from './usePlanning';

/** What a row tells its grid; the same functions all along, so that a row left alone is not drawn anew. */
export interface RowActs {
  enter: (key: string, column: number) => void;
  open: (key: string, column: number) => void;
  type: (text: string) => void;
  /** Ends the editing: kept or not, and where to go from here. */
  end: (text: string | undefined, to: 'stay' | 'down' | 'next' | 'back') => void;
  point: (key: string | undefined) => void;
}

interface FeatureRowProps {
  feature: Planned;
  number: number;
  here: boolean;
  pointed: boolean;
  /** The column that has the keys; undefined in a row that has not. */
  column: number | undefined;
  /** What the open field starts with; undefined while none is open. */
  editing: string | undefined;
  refused: Refused | undefined;
  acts: RowActs;
}

/** One feature, a cell for each of its columns. */
export const FeatureRow = memo(function FeatureRow({
  feature,
  number,
  here,
  pointed,
  column,
  editing,
  refused,
  acts,
}: FeatureRowProps) {
  const { key, typed } = feature;
  const open = typed.kind !== 'looked-at' && !feature.limits;
  return (
    <div
      role="row"
      aria-rowindex={number + 1}
      aria-selected={here}
      data-key={key}
      onPointerEnter={() => acts.point(key)}
      onPointerLeave={() => acts.point(undefined)}
      className={`plan-row border-b border-line [contain-intrinsic-size:auto_3rem] [content-visibility:auto] ${
        here ? 'bg-panel' : pointed ? 'bg-panel/60' : ''
      }`}
    >
      <div role="rowheader" className="px-2 text-right text-label text-quiet">
        <span className={pointed || here ? 'font-bold text-ink' : ''}>{number}</span>
      </div>
      {COLUMNS.map((each, i) => {
        const isEdited = column === i && editing !== undefined;
        return (
          <div
            key={each.field}
            role="gridcell"
            tabIndex={column === i && !isEdited ? 0 : -1}
            data-column={i}
            aria-label={`${each.head} of ${typed.name}`}
            aria-invalid={refused?.field === each.field ? true : undefined}
            onFocus={() => column !== i && acts.enter(key, i)}
            onClick={() => acts.enter(key, i)}
            onDoubleClick={() => acts.open(key, i)}
            className={`flex min-h-12 items-center overflow-hidden px-2 ${
              column === i ? 'outline-2 -outline-offset-2 outline-now' : ''
            } ${each.field === 'name' ? 'font-semibold' : ''}`}
          >
            {isEdited ? (
              <EditCell
                column={each}
                atFirst={editing}
                value={each.value(feature)}
                label={`${each.head} of ${typed.name}`}
                onType={acts.type}
                onEnd={acts.end}
              />
            ) : (
              <span
                className={
                  each.field === 'name'
                    ? 'line-clamp-2 leading-tight'
                    : `truncate ${each.field === 'limits' ? 'reading' : ''}`
                }
              >
                {each.shown(feature) ||
                  (each.field === 'limits' && open ? (
                    <span className="font-normal text-quiet">no limits yet</span>
                  ) : (
                    ''
                  ))}
              </span>
            )}
          </div>
        );
      })}
      <div role="gridcell" className="overflow-hidden px-2 text-label">
        {refused ? (
          <span className="font-semibold">{refused.sentence}</span>
        ) : (
          <span className="reading block leading-tight text-body">{feature.brief}</span>
        )}
        {!refused && feature.doubts.length > 0 && <strong className="block">look again</strong>}
      </div>
      <div role="gridcell" className="px-2 text-right text-label text-quiet">
        {feature.time}
      </div>
    </div>
  );
});
