import { memo, useEffect, useState } from 'react';
import { shopTime } from '../api/clock';
import { useShop } from '../api/queries';
import { useSoakings, useSoaked } from '../api/ready';

const SECOND = 1000;
const MINUTE = 60 * SECOND;

/** The clocks of parts that soak: they run along the head of every page while other things are done. */
export const SoakClocks = memo(function SoakClocks() {
  const soakings = useSoakings().data ?? [];
  const shop = useShop();
  const soaked = useSoaked();
  const ticking = soakings.length > 0;
  useTick(ticking);
  if (!ticking || shop.data === undefined) {
    return null;
  }
  const now = Date.parse(shopTime(shop.data, shop.dataUpdatedAt));
  return (
    <ul
      aria-label="Soaking"
      className="flex flex-wrap gap-x-6 border-b-2 border-line bg-panel px-4 py-1 tablet:px-6"
    >
      {soakings.map(({ id, what, until }) => {
        const left = Date.parse(until) - now;
        return (
          <li key={id} className="flex items-center gap-3 text-label">
            <span>
              {what}:{' '}
              <strong className="reading font-semibold">
                {left > 0 ? `${timeLeft(left)} left` : 'long enough, measure it'}
              </strong>
            </span>
            <button
              type="button"
              onClick={() => soaked.mutate(id)}
              className="min-h-11 underline decoration-line underline-offset-4"
            >
              {left > 0 ? 'stop' : 'taken up'}
            </button>
          </li>
        );
      })}
    </ul>
  );
});

/** Whole minutes, rounded up; in the last one seconds. */
export function timeLeft(ms: number): string {
  if (ms < MINUTE) {
    return `${Math.ceil(ms / SECOND)} s`;
  }
  const minutes = Math.ceil(ms / MINUTE);
  return minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
}

function useTick(on: boolean): void {
  const [, setTick] = useState(0);
  useEffect(() => {
    if (!on) {
      return;
    }
    const clock = setInterval(() => setTick((tick) => tick + 1), SECOND);
    return () => clearInterval(clock);
  }, [on]);
}
