import { memo } from 'react';
import { Link } from 'react-router';
import { Button } from '../ui/Button';
import { finenessOf } from './finenessOf';
import type { Measuring } from './useMeasuring';

interface GaugeInHandProps {
  measuring: Measuring;
  onGauge: () => void;
}

/** The gauge in hand, how it is held, and the way to another. */
export const GaugeInHand = memo(function GaugeInHand({
  measuring: { gauge, speaking },
  onGauge,
}: GaugeInHandProps) {
  return (
    <div className="flex flex-col gap-1">
      <Button onClick={onGauge} className="max-tablet:min-h-11 max-tablet:py-1">
        {gauge ? (
          <>
            <strong className="font-bold">{gauge.shopNumber}</strong>, {finenessOf(gauge)}
            <span className="label block max-tablet:hidden">{gauge.name}</span>
          </>
        ) : (
          'Pick a gauge'
        )}
      </Button>
      {gauge && (
        <p className="flex flex-wrap gap-x-4 text-label">
          <Link
            to={`/technique/${gauge.technique}`}
            className="py-1 underline decoration-line underline-offset-4 max-tablet:hidden"
          >
            how it is held
          </Link>
          {speaking.listensTo !== undefined && (
            <span className="py-1" role="status">
              listening to {speaking.listensTo}
            </span>
          )}
          {gauge.state === 'due' && (
            <strong className="py-1 font-semibold">its calibration has run out</strong>
          )}
        </p>
      )}
    </div>
  );
});
