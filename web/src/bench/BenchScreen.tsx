import { Link, useSearchParams } from 'react-router';
import { pathToDoubts } from '../api/client';
import { useBench, useChain, useDoubts, useGauges, useHealth, useShop } from '../api/queries';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { tied } from '../ui/tied';
import { JobOnBench } from './JobOnBench';
import { QuickSize } from './QuickSize';
import { WhoMeasures } from './WhoMeasures';

/** A way to another view. */
function Elsewhere({ to, name, does }: { to: string; name: string; does: string }) {
  return (
    <Link
      to={to}
      className="flex min-h-touch flex-col justify-center border-2 border-line bg-panel px-4 py-2 hover:border-quiet"
    >
      <span className="font-semibold">{name}</span>
      <span className="label">{does}</span>
    </Link>
  );
}

/** What is on the bench now, and the very next thing to do on each job. */
export function BenchScreen() {
  const shop = useShop();
  const bench = useBench();
  const [search, setSearch] = useSearchParams();
  const gauges = useGauges().data ?? [];
  const wanting = new Set(
    gauges.filter(({ wanted }) => wanted).map(({ id, reader }) => reader ?? id),
  ).size;
  const doubts = useDoubts().data;
  const doubtful = doubts && doubts.zeros.length + doubts.places.length;
  const chain = useChain().data;
  const trouble = useHealth().data?.trouble;
  const nobody = shop.data !== undefined && !shop.data.person;
  return (
    <Shell title="Bench" head={<h1 className="text-body font-semibold">Bench</h1>}>
      <div className="mx-auto flex w-full max-w-6xl flex-col gap-6 p-4 tablet:p-6">
        {trouble && (
          <section role="alert" className="border-4 border-double border-ink bg-panel px-4 py-3">
            <h2 className="text-title">Nothing is kept just now</h2>
            <p className="mt-1">{trouble}</p>
          </section>
        )}
        {chain?.fits === false && (
          <section role="alert" className="border-4 border-double border-ink bg-panel px-4 py-3">
            <h2 className="text-title">Not all of this is what was kept</h2>
            <p className="mt-1">
              {tied(chain.sentence)}{' '}
              <Link to="/settings" className="underline underline-offset-4">
                What does not fit
              </Link>
            </p>
          </section>
        )}
        {(nobody || search.has('who')) && <WhoMeasures onPicked={() => setSearch({})} />}
        <nav aria-label="Elsewhere" className="grid grid-cols-2 gap-3 tablet:grid-cols-7">
          <Elsewhere to="/read" name="Read a scale" does="or set one" />
          <Elsewhere to="/practice" name="Practice" does="read scales, find slips" />
          <Elsewhere to="/jobs" name="Plan a job" does="new, or put away" />
          <Elsewhere
            to="/drawer"
            name="Drawer"
            does={wanting === 0 ? 'gauges and masters' : `${wanting} want a look`}
          />
          <Elsewhere
            to={pathToDoubts}
            name="In doubt"
            does={
              doubtful === undefined
                ? 'not known yet'
                : doubtful === 0
                  ? 'nothing now'
                  : `${doubtful} to look into`
            }
          />
          <Elsewhere to="/card" name="Card" does="threads, fits, words" />
          <Elsewhere to="/settings" name="Settings" does="of this shop" />
        </nav>
        {bench.data?.jobs.slice(0, 1).map((job) => (
          <JobOnBench key={job.id} job={job} open />
        ))}
        <QuickSize />
        {bench.data?.jobs.slice(1).map((job) => (
          <JobOnBench key={job.id} job={job} open={false} />
        ))}
      </div>
      {bench.data?.jobs.length === 0 && (
        <Notice
          title="No job is on the bench"
          words="Plan the first one: its name, where its limits come from, and what is to be measured. Or type limits and a figure above, and see at once."
        >
          <Link
            to="/jobs"
            className="mt-6 inline-flex min-h-touch items-center rounded-edge bg-now px-6 font-semibold text-on-now"
          >
            Plan a job
          </Link>
        </Notice>
      )}
      {bench.isPending && bench.failureCount > 0 && <ServerAwayNotice />}
    </Shell>
  );
}
