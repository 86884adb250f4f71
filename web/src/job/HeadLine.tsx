import { useNavigate } from 'react-router';
import type { Job } from '../api/client';
import { useArchive, useOpenJob } from '../api/planning';
import { Button } from '../ui/Button';

/** Where the limits come from, and what the whole job takes. */
export function HeadLine({ job, onHead }: { job: Job; onHead: () => void }) {
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
      <div className="ml-auto flex gap-2">
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
