import { counted } from '../ui/counted';
import { limitsFrom } from '../ui/limitsFrom';
import { Link } from 'react-router';
import { type BenchJob, type BenchPlan, pathToNext } from '../api/client';
import { VerdictMark } from '../drawings/VerdictMark';
import { tied } from '../ui/tied';

const pathTo = (part: number, feature: number) => `/parts/${part}/features/${feature}`;

/** With more, the columns would not fit beside each other. */
const MOST_COLUMNS = 6;

interface JobOnBenchProps {
  job: BenchJob;
  /** Whether its parts stand open: of the job touched last. */
  open: boolean;
}

/** One job: how far it is, the very next thing to do, and each part with each of its features. */
export function JobOnBench({ job, open }: JobOnBenchProps) {
  const parts = job.plans.flatMap((plan) => plan.parts).length;
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
        <p className="label w-full">
          {limitsFrom(job.limitsSource)} ·{' '}
          <Link
            to={`/jobs/${job.id}`}
            aria-label={`Plan of ${job.name}`}
            className="underline decoration-line underline-offset-4"
          >
            its plan
          </Link>
        </p>
        {job.lives && <p className="w-full font-semibold">{job.lives}</p>}
      </header>

      {job.next ? (
        <Link
          to={pathToNext(job.next)}
          className={`mx-5 mt-4 flex min-h-touch items-center gap-4 rounded-edge border-2 px-5 py-3 ${
            open ? 'border-now bg-now text-on-now' : 'border-line bg-paper'
          }`}
        >
          <span className="shrink-0 font-bold">Next</span>{' '}
          <span className="font-medium">{tied(job.next.sentence)}</span>
        </Link>
      ) : job.of === 0 ? (
        <Link
          to={`/jobs/${job.id}`}
          className="mx-5 mt-4 flex min-h-touch items-center gap-4 rounded-edge border-2 border-line bg-paper px-5 py-3"
        >
          <span className="shrink-0 font-bold">Next</span> plan what is to be measured.
        </Link>
      ) : (
        <p className="mx-5 mt-4 font-semibold">Nothing is left to do here.</p>
      )}
      {job.checks.length > 0 && (
        <ul aria-label="Zeros to look at" className="mx-5 mt-2">
          {job.checks.map(({ gauge, comparator, sentence }) => (
            <li key={gauge}>
              <Link
                to={`/drawer/${gauge}${comparator ? '/set?back' : ''}`}
                className="block min-h-11 py-2 underline underline-offset-4"
              >
                {tied(sentence)}
              </Link>
            </li>
          ))}
        </ul>
      )}

      <details open={open} className="px-5 pt-2 pb-4">
        <summary className="min-h-11 cursor-pointer py-2 text-label text-quiet">
          {counted(parts, 'part')}
        </summary>
        {job.plans.map((plan) =>
          (plan.parts[0]?.features.length ?? 0) > MOST_COLUMNS ? (
            <Parts key={plan.id} plan={plan} />
          ) : (
            <Features key={plan.id} plan={plan} />
          ),
        )}
      </details>
    </article>
  );
}

/** Each part with all its features, side by side. */
function Features({ plan }: { plan: BenchPlan }) {
  const features = plan.parts[0]?.features ?? [];
  return (
    <div className="overflow-x-auto pb-3">
      <table className="w-full border-collapse text-left max-tablet:block">
        <caption className="sr-only">{plan.name}: what each feature comes to</caption>
        <thead className="max-tablet:hidden">
          <tr className="border-b-2 border-ink align-bottom">
            <th scope="col" className="label py-2 pr-4">
              {plan.name}
            </th>
            {features.map((feature) => (
              <th key={feature.id} scope="col" className="py-2 pr-3 text-label font-semibold">
                {feature.name}
                <span className="label block">
                  {feature.reworked && `at ${feature.reworked}, `}
                  {feature.limits}
                </span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody className="max-tablet:block">
          {plan.parts.map((part) => (
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
                    className="flex min-h-touch items-center gap-2 px-1 hover:bg-paper max-tablet:grid max-tablet:grid-cols-[1fr_auto_8.5rem] max-tablet:px-0"
                  >
                    <span className="tablet:hidden">{feature.name}</span>
                    <VerdictMark verdict={feature.verdict} size={features.length > 4 ? 24 : 30} />
                    <span
                      className={`${features.length > 4 ? 'tablet:text-label' : ''} ${
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
  );
}

/** Each part in a line, where the features are too many for columns. */
function Parts({ plan }: { plan: BenchPlan }) {
  return (
    <ul className="pb-3">
      {plan.parts.map((part) => {
        const open = part.features.find(({ verdict }) => verdict.mark !== 'in') ?? part.features[0];
        return (
          <li key={part.id}>
            <Link
              to={open ? pathTo(part.id, open.id) : '/'}
              className="flex min-h-touch items-center gap-4 border-b border-line px-1 hover:bg-paper"
            >
              <span className="font-semibold">{part.name}</span>
              <span className="label">{part.mark}</span>
              <span className="ml-auto text-label">
                {part.measured} of {part.features.length}
              </span>
              <VerdictMark verdict={part.verdict} size={30} />
              <span className="w-36">{part.verdict.word}</span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
