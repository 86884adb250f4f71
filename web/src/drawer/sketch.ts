import type { GaugeKind, TypedGauge } from '../api/client';

/** A gauge of a kind as it begins to be typed: with the range that is usual for it. */
export function sketchOf(kind: GaugeKind, scaleId?: string): TypedGauge {
  const scale = kind.scales.find(({ id }) => id === scaleId) ?? kind.scales[0];
  const unit = scale?.unit ?? 'mm';
  const usual = unit === 'in' ? kind.usualInches : kind.usualMillimetres;
  return {
    shopNumber: '',
    name: '',
    kind: kind.code,
    scale: scale?.id ?? '',
    unit,
    base: '',
    rods: '',
    rangeLow: usual.low,
    rangeHigh: usual.high,
    step: '',
    spread: '',
    error: '',
    reach: '',
    allowedSteps: '',
    switchable: false,
    readers: [],
  };
}
