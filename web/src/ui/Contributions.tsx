import type { Uncertainty } from '../api/client';

/** U, and what it comes of, the largest first; each as long as its share. */
export function Contributions({ uncertainty }: { uncertainty: Uncertainty }) {
  const { expanded, sentence, contributions } = uncertainty;
  return (
    <div className="mt-3">
      <p>
        <span className="reading text-title">
          U = {expanded.text} {expanded.unit}
        </span>{' '}
        <span className="text-quiet">{expanded.other}</span>
        <span className="block font-medium">{sentence}</span>
      </p>
      <ul aria-label="What it comes of" className="mt-2">
        {contributions.map(({ source, name, alone, percent }) => (
          <li
            key={source}
            className="grid grid-cols-[minmax(0,1fr)_7rem_3rem] items-center gap-x-3 border-b border-line py-1 text-label tablet:grid-cols-[minmax(0,1fr)_9rem_8rem_3rem]"
          >
            {name}
            <svg viewBox="0 0 100 10" className="hidden w-full tablet:block" aria-hidden="true">
              <rect width={percent} height="10" className="fill-quiet" />
            </svg>
            <span className="reading text-right">
              {alone.text} {alone.unit}
            </span>
            <span className="text-right text-quiet">{percent} %</span>
          </li>
        ))}
      </ul>
    </div>
  );
}
