import { memo } from 'react';
import { type DrawnFeature, layAlong } from './sectionLayout';
import { type Draw, type Sheet, WIDTH } from './sectionMarks';
import { plate } from './sectionPlate';
import { shaft } from './sectionShaft';
import { tube } from './sectionTube';

interface PartSectionProps {
  /** shaft, barrel, bush or plate. */
  shape: string;
  features: readonly DrawnFeature[];
  /** The key of the feature at hand, or pointed at. */
  lit?: string | undefined;
  /** Whether each feature bears its number on the list. */
  numbered?: boolean;
  /** Where on it the gauge goes, from its face. */
  depthPm?: number | undefined;
  onPoint?: ((key: string | undefined) => void) | undefined;
  onPick?: ((key: string) => void) | undefined;
}

/**
 * A simple section of the part, drawn from its features: pointed at from their list, and back. To scale; a part much longer
 * than thick is drawn thicker than it is.
 */
export const PartSection = memo(function PartSection({
  shape,
  features,
  lit,
  numbered = false,
  depthPm,
  onPoint,
  onPick,
}: PartSectionProps) {
  const laid = layAlong(features);
  const draw: Draw = {
    laid,
    lit,
    depthPm,
    numbered: numbered && features.length <= MOST_NUMBERED,
    point: (key) => ({
      onPointerEnter: () => onPoint?.(key),
      onPointerLeave: () => onPoint?.(undefined),
      onClick: () => onPick?.(key),
      className: onPick ? 'cursor-pointer' : '',
    }),
  };
  const { height, drawing } = (SHAPES[shape] ?? shaft)(draw);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="block w-full shrink-0"
      aria-hidden="true"
      data-testid="part"
    >
      <defs>
        <pattern
          id="cut"
          width="8"
          height="8"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line x1="0" x2="0" y1="0" y2="8" className="stroke-quiet" strokeWidth="1.2" />
        </pattern>
        <pattern
          id="clear"
          width="5"
          height="5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(-45)"
        >
          <line x1="0" x2="0" y1="0" y2="5" className="stroke-ink" strokeWidth="1.6" />
        </pattern>
      </defs>
      {drawing}
    </svg>
  );
});

/** With more, the numbers would hide the part. */
const MOST_NUMBERED = 24;

const SHAPES: Record<string, (draw: Draw) => Sheet> = {
  shaft,
  barrel: tube,
  bush: tube,
  plate,
};
