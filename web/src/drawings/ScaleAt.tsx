import type { ReactNode } from 'react';
import { useScales, useScaleSetting } from '../api/queries';
import { AtRest } from './AtRest';
import { scaleSum, stepOf } from './scaleSum';

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
  const at = { step: stepOf(sum, setting.shown.parts), sense: 1 as const };
  return (
    <AtRest label={label} sum={sum} at={at} lit={lit} narrow>
      {children(setting.shown.say)}
    </AtRest>
  );
}
