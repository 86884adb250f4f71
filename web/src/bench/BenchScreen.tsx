import { Link, useSearchParams } from 'react-router';
import { useBench, useShop } from '../api/queries';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { JobOnBench } from './JobOnBench';
import { WhoMeasures } from './WhoMeasures';

/** What is on the bench now, and the very next thing to do on each job. */
export function BenchScreen() {
  const shop = useShop();
  const bench = useBench();
  const [search, setSearch] = useSearchParams();
  const nobody = shop.data !== undefined && !shop.data.person;
  return (
    <Shell title="Bench" head={<h1 className="text-body font-semibold">Bench</h1>}>
      <div className="mx-auto flex w-full max-w-6xl flex-col gap-6 p-4 tablet:p-6">
        {(nobody || search.has('who')) && <WhoMeasures onPicked={() => setSearch({})} />}
        <Link
          to="/read"
          className="flex min-h-touch items-center gap-4 self-start border-2 border-line bg-panel px-5 hover:border-quiet"
        >
          <span className="font-semibold">Read a scale</span>
          <span className="label">or set one to a size, no job needed</span>
        </Link>
        {bench.data?.jobs.map((job) => (
          <JobOnBench key={job.id} job={job} />
        ))}
      </div>
      {bench.data?.jobs.length === 0 && (
        <Notice
          title="No job is on the bench"
          words="Jobs of your own are planned in a later version of this program. Until then the demonstration shop shows a job being measured: stop this server and start ./run demo."
        />
      )}
      {bench.isPending && bench.failureCount > 0 && <ServerAwayNotice />}
    </Shell>
  );
}
