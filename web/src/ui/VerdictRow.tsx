import { memo } from 'react';
import { Link } from 'react-router';
import type { Verdict } from '../api/client';
import { VerdictMark } from '../drawings/VerdictMark';

interface VerdictRowProps {
  to: string;
  here: boolean;
  name: string;
  verdict: Pick<Verdict, 'mark' | 'side' | 'word'>;
}

/** A line of a list of features or parts: what it is called, what it comes to, and the way there. */
export const VerdictRow = memo(function VerdictRow({ to, here, name, verdict }: VerdictRowProps) {
  return (
    <li>
      <Link
        to={to}
        aria-current={here ? 'page' : undefined}
        className={`flex min-h-12 items-center gap-3 border-b border-line px-2 ${
          here ? 'bg-panel font-bold' : 'hover:bg-panel'
        }`}
      >
        <span className="grow">{name}</span>
        <VerdictMark verdict={verdict} size={24} word={verdict.word} />
      </Link>
    </li>
  );
});
