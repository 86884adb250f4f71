import type { ReactNode } from 'react';
import { useScales, useScaleSetting } from '../api/queries';
import { Face } from './Face';
import { scaleSum, stepOf } from './scaleSum';
import { Strip } from './Strip';

interface ScaleAtProps {
  /** For ears. */
  label: string;
  /** By its id. */
  scale: string;
  base: string;
  /** A size, as typed. */
  at: string;
  /** Which part is pointed at; none where absent. */
  lit?: 'coarse' | 'fine' | undefined;
  /** What stands under it, given what the scale says there. */
  children: (say: string) => ReactNode;
}

/** A scale as it looks at a size, its face and its fine part; nothing where it cannot stand there. */
export function ScaleAt({ label, scale: id, base, at: size, lit, children }: ScaleAtProps) {
  const scale = useScales().data?.find((each) => each.id === id);
  const setting = useScaleSetting(id, base, size).data;
  if (scale === undefined || setting === undefined) {
    return null;
  }
  const sum = scaleSum(scale);
  const coarse = sum.parts[0]?.name;
  const at = { step: stepOf(sum, setting.shown.parts), sense: 1 as const };
  return (
    <figure aria-label={label} className="flex flex-col gap-2">
      <div className="overflow-hidden border-2 border-line bg-panel">
        <Face sum={sum} at={at} lit={lit === 'coarse' ? coarse : undefined} narrow />
        <Strip sum={sum} at={at} lit={lit === 'fine'} narrow />
      </div>
      <figcaption>{children(setting.shown.say)}</figcaption>
    </figure>
  );
}
