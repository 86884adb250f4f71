import { Link, useParams, useSearchParams } from 'react-router';
import { type OverTime, pathToJudgement, pathToOverTime, type Schemas } from '../api/client';
import { useOverTime } from '../api/queries';
import { OverTimePicture } from '../drawings/OverTimePicture';
import { Button } from '../ui/Button';
import { momentSaid } from '../ui/days';
import { JobNav } from '../ui/JobNav';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Saved } from '../ui/Saved';
import { Shell } from '../ui/Shell';
import { tied } from '../ui/tied';
import { useNarrow } from '../ui/useNarrow';

/** A feature of one part through all its inspections, in whatever job. */
export function OverTimeScreen() {
  const { part = '', feature = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const days = search.has('days');
  const overTime = useOverTime(Number(part), Number(feature), days);
  if (overTime.data === undefined) {
    return (
      <Shell title="Over time">
        {overTime.error && (
          <Notice title="This cannot be shown" words={overTime.error.message} back />
        )}
        {overTime.failureCount > 0 && <ServerAwayNotice />}
      </Shell>
    );
  }
  const shown = overTime.data;
  return (
    <Shell
      title={`${shown.partName}, ${shown.featureName} over time`}
      say={shown.series[0]?.sentence ?? ''}
      head={
        <>
          <h1 className="text-body font-bold">
            {shown.partName} {shown.mark}, over time
          </h1>
          <JobNav
            job={{ id: shown.job, name: shown.jobName }}
            plan={shown.plan}
            part={shown.part}
            measure={`/parts/${shown.part}/features/${shown.feature}`}
            here="over-time"
          />
        </>
      }
    >
      <div className="mx-auto flex w-full max-w-6xl flex-col gap-5 p-3 tablet:p-5">
        <nav aria-label="Features" className="flex flex-wrap gap-x-5 gap-y-1">
          {shown.features.map(({ id, name }) =>
            id === shown.feature ? (
              <span key={id} aria-current="page" className="border-b-4 border-now py-2 font-bold">
                {name}
              </span>
            ) : (
              <Link
                key={id}
                to={pathToOverTime(shown.part, id)}
                className="border-b-4 border-transparent py-2 hover:border-line"
              >
                {name}
              </Link>
            ),
          )}
        </nav>
        <p className="flex flex-wrap items-center gap-4">
          {shown.alongWords}
          <Button onClick={() => setSearch(days ? {} : { days: '' })}>
            {days ? 'by running hours' : 'by days'}
          </Button>
        </p>
        {shown.series.length === 0 ? (
          <p className="text-title">
            Nothing is measured here yet, on this part or where it stands in another job.
          </p>
        ) : (
          <AllSeries overTime={shown} />
        )}
        <InspectionTable overTime={shown} />
      </div>
    </Shell>
  );
}

/** What meets its limit first on top with its picture; of the others the picture is one step away. */
function AllSeries({ overTime }: { overTime: OverTime }) {
  const [first, ...others] = overTime.series;
  return (
    <>
      {first && (
        <section aria-label={first.place} className="border-2 border-line bg-panel p-4">
          <h2 className="text-title">{first.place}</h2>
          <p className="text-title font-semibold tablet:text-order" data-testid="forecast">
            {tied(first.sentence)}
          </p>
          <Drawn series={first} overTime={overTime} />
        </section>
      )}
      {others.map((series) => (
        <details key={series.place} className="border-2 border-line bg-panel px-4">
          <summary className="flex min-h-touch cursor-pointer flex-wrap items-center gap-x-4 py-2">
            <span className="min-w-32 font-semibold">{series.place}</span>
            <span>{tied(series.sentence)}</span>
          </summary>
          <Drawn series={series} overTime={overTime} />
        </details>
      ))}
    </>
  );
}

function Drawn({ series, overTime }: { series: Schemas['SeriesView']; overTime: OverTime }) {
  const narrow = useNarrow();
  return (
    <Saved name={`${overTime.partName} ${overTime.featureName} ${series.place}`}>
      <OverTimePicture
        series={series}
        limits={overTime.limits}
        along={overTime.along}
        narrow={narrow}
      />
    </Saved>
  );
}

function InspectionTable({ overTime: { inspections } }: { overTime: OverTime }) {
  return (
    <section aria-label="Inspections">
      <h2 className="text-body">Inspections</h2>
      <div className="overflow-x-auto">
        <table className="w-full text-left">
          <thead>
            <tr className="label border-b-2 border-line">
              <th className="py-1 pr-4 font-normal">When</th>
              <th className="pr-4 text-right font-normal">Hours</th>
              <th className="pr-4 font-normal">Job</th>
              <th className="pr-4 font-normal">Round</th>
              <th className="text-right font-normal">Mean size</th>
            </tr>
          </thead>
          <tbody>
            {inspections.map((each) => (
              <tr key={`${each.part} ${each.at}`} className="border-b border-line">
                <td className="py-1 pr-4">{momentSaid(each.at)}</td>
                <td className="reading pr-4 text-right">{each.hours ?? ''}</td>
                <td className="pr-4">
                  <Link
                    to={pathToJudgement(each.part)}
                    className="underline decoration-line underline-offset-4"
                  >
                    {each.job}
                  </Link>
                  {each.byMark && (
                    <span className="block text-label text-quiet">by its mark, not confirmed</span>
                  )}
                </td>
                <td className="pr-4">{each.round}</td>
                <td className="reading text-right">
                  {each.mean && `${each.mean.text} ${each.mean.unit}`}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
