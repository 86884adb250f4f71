import type { Gauge } from '../api/client';
import { Button } from '../ui/Button';

/** The gauge in hand, and the way to another. */
export function GaugeInHand({ gauge, onGauge }: { gauge: Gauge | undefined; onGauge: () => void }) {
  return (
    <Button onClick={onGauge}>
      {gauge ? (
        <>
          <strong className="font-bold">{gauge.shopNumber}</strong>, to{' '}
          {gauge.scale.leastCount.text} {gauge.scale.leastCount.unit}
          <span className="label block">{gauge.name}</span>
        </>
      ) : (
        'Pick a gauge'
      )}
    </Button>
  );
}
