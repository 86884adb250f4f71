import { Link } from 'react-router';
import type { Job } from '../api/client';
import type { Planning } from './usePlanning';

interface KindsProps {
  job: Job;
  planning: Planning;
  onKind: () => void;
  onNew: () => void;
}

/** The plans of the job, one for each kind of part. */
export function Kinds({ job, planning, onKind, onNew }: KindsProps) {
  const { plan } = planning;
  return (
    <nav
      aria-label="Kinds of part"
      className="mx-4 mb-3 flex flex-wrap items-end gap-x-1 border-b-2 border-ink tablet:mx-6"
    >
      {job.plans.map(({ id, name, parts }) => (
        <Link
          key={id}
          to={`/jobs/${job.id}?plan=${id}`}
          aria-current={id === plan.id ? 'page' : undefined}
          className={`-mb-0.5 flex min-h-11 items-center gap-2 border-2 px-4 ${
            id === plan.id
              ? 'border-ink border-b-paper bg-paper font-bold'
              : 'border-transparent text-quiet hover:border-line'
          }`}
        >
          {name} <span className="label">{parts.length}</span>
        </Link>
      ))}
      <button
        type="button"
        onClick={onNew}
        className="min-h-11 px-3 text-label text-quiet underline decoration-line underline-offset-4"
      >
        another kind of part
      </button>
      <p className="label ml-auto py-2">
        {plan.total} · revision {plan.revision}
        {plan.fixed && ', read against'}
      </p>
      <Link
        to={`/plans/${plan.id}/gauges`}
        className="inline-flex min-h-11 items-center px-2 text-label font-semibold underline decoration-line underline-offset-4"
      >
        gauges
      </Link>
      <button
        type="button"
        onClick={onKind}
        className="min-h-11 px-2 text-label text-quiet underline decoration-line underline-offset-4"
      >
        drawn as {plan.shape}
      </button>
    </nav>
  );
}
