import { memo } from 'react';
import { Link } from 'react-router';
import { pathToJudgement, pathToReady, pathToReport } from '../api/client';

interface JobNavProps {
  job: { id: number; name: string };
  plan?: number | undefined;
  part: number;
  /** Where measuring goes on; absent where that is not known. */
  measure?: string | undefined;
  here: 'ready' | 'measure' | 'judgement' | 'over-time';
}

/** The pages of one part of a job, in the order of the work. */
export const JobNav = memo(function JobNav({ job, plan, part, measure, here }: JobNavProps) {
  const pages: [name: string, words: string, to: string | undefined][] = [
    ['plan', 'Plan', `/jobs/${job.id}${plan === undefined ? '' : `?plan=${plan}`}`],
    ['ready', 'Ready', pathToReady(part)],
    ['measure', 'Measure', measure],
    ['judgement', 'Judgement', pathToJudgement(part)],
    ['report', 'Report', pathToReport(job.id)],
  ];
  if (here === 'over-time') {
    pages.push(['over-time', 'Over time', undefined]);
  }
  return (
    <nav
      aria-label={`Pages of ${job.name}`}
      className="flex flex-wrap gap-x-5 text-label max-tablet:order-last max-tablet:w-full"
    >
      {pages.map(([name, words, to]) =>
        name === here ? (
          <span key={name} aria-current="page" className="border-b-4 border-now py-2 font-bold">
            {words}
          </span>
        ) : (
          to && (
            <Link
              key={name}
              to={to}
              className="border-b-4 border-transparent py-2 hover:border-line"
            >
              {words}
            </Link>
          )
        ),
      )}
      <span className="hidden py-2 text-quiet wide:inline">{job.name}</span>
    </nav>
  );
});
