import type { LengthText } from '../api/client';

/** A length in both units: the one it was read in, and the other small beside it. */
export function Size({ length, className = '' }: { length: LengthText; className?: string }) {
  return (
    <span className={className}>
      <span className="reading">
        {length.text} {length.unit}
      </span>{' '}
      <span className="whitespace-nowrap text-quiet">{length.other}</span>
    </span>
  );
}
