import { Link, useNavigate } from 'react-router';
import type { Job } from '../api/client';
import { useArchive, useOpenJob } from '../api/planning';
import { Button } from '../ui/Button';

/** Where the limits come from, and what the whole job takes. */
export function HeadLine({
  job,
  measure,
  onHead,
}: {
  job: Job;
  /** Where it is measured; undefined while there is nothing to measure. */
  measure: string | undefined;
  onHead: () => void;
}) {
  const archive = useArchive();
  const open = useOpenJob();
  const navigate = useNavigate();
  const copy = () =>
    open.mutate(
      { name: job.name, limitsSource: '', unit: job.unit, template: '', copyOf: job.id },
      { onSuccess: ({ id }) => void navigate(`/jobs/${id}`) },
    );
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-2 px-4 py-3 tablet:px-6">
      <p>
        {job.limitsSource ? (
          <>
            Limits from <strong className="font-semibold">{job.limitsSource}</strong>, {job.unit}
            {job.material && `, ${job.material}`}
          </>
        ) : (
          <strong className="border-l-4 border-near pl-2 font-semibold">{job.remarks[0]}</strong>
        )}
      </p>
      <p className="label">{job.total}</p>
      <div className="ml-auto flex flex-wrap gap-2">
        {measure !== undefined && (
          <Link
            to={measure}
            className="inline-flex min-h-11 items-center rounded-edge border-2 border-now bg-now px-3 text-label font-semibold text-on-now"
          >
            Measure
          </Link>
        )}
        <Button small look={job.limitsSource ? 'plain' : 'now'} onClick={onHead}>
          Head of the job
        </Button>
        <Button small onClick={copy}>
          Copy the job
        </Button>
        <Button small onClick={() => archive.mutate({ job: job.id, archived: !job.archived })}>
          {job.archived ? 'Take out of the archive' : 'Put away'}
        </Button>
      </div>
    </div>
  );
}
