import { Link } from 'react-router';
import type { BenchJob } from '../api/client';
import { VerdictMark } from '../drawings/VerdictMark';

const pathTo = (part: number, feature: number) => `/parts/${part}/features/${feature}`;

/** One job: how far it is, the very next thing to do, and each part with each of its features. */
export function JobOnBench({ job }: { job: BenchJob }) {
  const features = job.parts[0]?.features ?? [];
  return (
    <article aria-labelledby={`job-${job.id}`} className="border-2 border-line bg-panel">
      <header className="flex flex-wrap items-baseline gap-x-4 gap-y-1 px-5 pt-5">
        <h2 id={`job-${job.id}`} className="text-title">
          {job.name}
        </h2>
        <p className="text-quiet">{job.about}</p>
        <p className="ml-auto font-semibold">
          {job.measured} of {job.of} features measured
        </p>
        <p className="label w-full">Limits from {job.limitsSource}</p>
      </header>

      {job.next ? (
        <Link
          to={pathTo(job.next.part, job.next.feature)}
          className="mx-5 mt-4 flex min-h-touch items-center gap-4 rounded-edge bg-now px-5 py-3 text-on-now"
        >
          <span className="font-bold">Next</span>{' '}
          <span className="font-medium">{job.next.sentence}</span>
        </Link>
      ) : (
        <p className="mx-5 mt-4 font-semibold">Nothing is left to do here.</p>
      )}

      <div className="overflow-x-auto p-5">
        <table className="w-full border-collapse text-left max-tablet:block">
          <caption className="sr-only">Parts of {job.name}, and what each feature comes to</caption>
          <thead className="max-tablet:hidden">
            <tr className="border-b-2 border-ink align-bottom">
              <th scope="col" className="label py-2 pr-4">
                Part
              </th>
              {features.map((feature) => (
                <th key={feature.id} scope="col" className="py-2 pr-4 font-semibold">
                  {feature.name}
                  <span className="label block">{feature.limits}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody className="max-tablet:block">
            {job.parts.map((part) => (
              <tr key={part.id} className="border-b border-line max-tablet:block max-tablet:py-2">
                <th scope="row" className="py-2 pr-4 align-middle font-semibold max-tablet:block">
                  {part.name}
                  <span className="label block">{part.mark}</span>
                </th>
                {part.features.map((feature) => (
                  <td key={feature.id} className="pr-2 max-tablet:block">
                    <Link
                      to={pathTo(part.id, feature.id)}
                      aria-label={`${part.name}, ${feature.name}: ${feature.verdict.word}`}
                      className="flex min-h-touch items-center gap-3 px-2 hover:bg-paper max-tablet:grid max-tablet:grid-cols-[1fr_auto_8.5rem] max-tablet:px-0"
                    >
                      <span className="tablet:hidden">{feature.name}</span>
                      <VerdictMark verdict={feature.verdict} size={30} />
                      <span
                        className={`${
                          feature.verdict.mark === 'not-measured' ? 'text-quiet' : 'font-semibold'
                        }`}
                      >
                        {feature.verdict.word}
                      </span>
                    </Link>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </article>
  );
}
