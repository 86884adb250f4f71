import { memo, useState } from 'react';
import type { Misread } from '../api/client';

const AT_FIRST = 4;

interface MisreadsProps {
  misreads: Misread[];
  /** They are of what is shown now, and not of where it stood before it was turned. */
  fresh: boolean;
}

/** What usual slips would have read here, each with how to tell. */
export const Misreads = memo(function Misreads({ misreads, fresh }: MisreadsProps) {
  const [all, setAll] = useState(false);
  if (misreads.length === 0) {
    return null;
  }
  const shown = all ? misreads : misreads.slice(0, AT_FIRST);
  return (
    <section
      aria-label="Often misread as"
      className={`border-t-2 border-line pt-2 ${fresh ? '' : 'text-quiet'}`}
    >
      <div className="flex items-baseline justify-between">
        <h3 className="label">Often misread as</h3>
        {misreads.length > AT_FIRST && (
          <button
            type="button"
            onClick={() => setAll(!all)}
            className="text-label font-semibold underline decoration-line underline-offset-4"
          >
            {all ? 'fewer' : `${misreads.length - AT_FIRST} more`}
          </button>
        )}
      </div>
      <ul>
        {shown.map(({ slip, size, words, tell }) => (
          <li key={`${slip} ${words} ${size.pm}`} className="flex gap-3 border-b border-line py-1">
            <span className="reading w-24 shrink-0">{size.text}</span>
            <span className="text-label">
              <span className="font-semibold">{words}</span>
              <span className="block text-quiet">{tell}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
});
