import { useFar, useStop } from '../api/bringIn';
import { Button } from '../ui/Button';

/** How far a long file is, how long it will still take, and a way to stop it. */
export function HowFar({ id }: { id: string }) {
  const far = useFar(id).data;
  const stop = useStop();
  if (!far || far.of === 0) {
    return <p className="text-quiet">Reading the file …</p>;
  }
  return (
    <div className="flex flex-wrap items-center gap-4">
      <svg
        role="img"
        aria-label={`${far.done} of ${far.of} rows`}
        viewBox="0 0 100 6"
        className="h-4 w-64 border-2 border-ink"
        preserveAspectRatio="none"
      >
        <rect width={(100 * far.done) / far.of} height="6" className="fill-ink" />
      </svg>
      <span className="tabular-nums">
        {far.done < far.of
          ? `${far.done} of ${far.of}${far.secondsLeft == null ? '' : `, about ${left(far.secondsLeft)} left`}`
          : `all ${far.of}: bringing them onto the disk`}
      </span>
      <Button
        small
        disabled={stop.isPending || far.done === far.of}
        onClick={() => stop.mutate(id)}
      >
        Stop
      </Button>
    </div>
  );
}

const left = (seconds: number): string =>
  seconds < 90 ? `${seconds} s` : `${Math.round(seconds / 60)} min`;
