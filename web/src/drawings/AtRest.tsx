import type { ReactNode } from 'react';
import { Face } from './Face';
import type { ScaleSum, Standing } from './scaleSum';
import type { Mark } from './sheet';
import { Strip } from './Strip';

interface AtRestProps {
  /** For ears. */
  label: string;
  sum: ScaleSum;
  at: Standing;
  /** Which part is pointed at; none where absent. */
  lit?: 'coarse' | 'fine' | undefined;
  mark?: Mark | undefined;
  narrow: boolean;
  /** What stands under it. */
  children?: ReactNode;
}

/** A scale that is only looked at: its face, and the enlarged look at its fine part. */
export function AtRest({ label, sum, at, lit, mark, narrow, children }: AtRestProps) {
  return (
    <figure aria-label={label} className="flex flex-col gap-2">
      <div className="overflow-hidden border-2 border-line bg-panel">
        <Face
          sum={sum}
          at={at}
          lit={lit === 'coarse' ? sum.parts[0]?.name : undefined}
          mark={mark}
          narrow={narrow}
        />
        <Strip sum={sum} at={at} lit={lit === 'fine'} narrow={narrow} />
      </div>
      {children && <figcaption>{children}</figcaption>}
    </figure>
  );
}
