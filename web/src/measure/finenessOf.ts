import type { Gauge } from '../api/client';
import { isLimitGauge } from './useEntry';

/** How fine a gauge shows; of a go and no-go gauge the sizes of its two ends. */
export const finenessOf = (gauge: Gauge): string =>
  isLimitGauge(gauge)
    ? `${gauge.rangeLow.text} and ${gauge.rangeHigh.text} ${gauge.unit}`
    : `to ${gauge.step.text} ${gauge.step.unit}`;
