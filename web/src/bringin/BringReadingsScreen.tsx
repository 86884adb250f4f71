import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { newId } from '../api/newId';
import {
  type TableIn,
  type TableKept,
  useBringReadingsIn,
  useLookAtReadings,
} from '../api/bringIn';
import { pathToReport, type Problem } from '../api/client';
import { useGauges } from '../api/queries';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { PickFile } from '../ui/PickFile';
import { Shell } from '../ui/Shell';
import { Columns } from './Columns';
import { HowFar } from './HowFar';
import { Layouts } from './Layouts';
import { Rows } from './Rows';

/** Readings out of a spreadsheet, looked at row by row before anything is kept. */
export function BringReadingsScreen() {
  const job = Number(useParams().job);
  const [file, setFile] = useState<File | undefined>();
  const [column, setColumn] = useState<string[]>([]);
  const [gauge, setGauge] = useState('');
  const [id, setId] = useState('');
  const look = useLookAtReadings();
  const bring = useBringReadingsIn();
  const lookAt = (of: File, columns: string[], with_: string) => {
    setFile(of);
    setColumn(columns);
    setGauge(with_);
    bring.reset();
    look.mutate({ job, file: of, column: columns, gauge: with_, id: another() });
  };
  const another = () => {
    const next = newId();
    setId(next);
    return next;
  };
  const found = look.data;
  const keep = (onlyGood: boolean, again: boolean) => {
    if (file) {
      bring.mutate({ job, file, column, gauge, onlyGood, again, id: another() });
    }
  };
  const failure = (look.error ?? bring.error) as Problem | null;
  const kept = bring.data;
  return (
    <Shell
      title="Readings from a file"
      head={<h1 className="text-body font-semibold">Readings from a file</h1>}
      say={kept?.sentence ?? found?.sentence ?? ''}
    >
      <div className="mx-auto flex w-full max-w-6xl flex-col gap-5 p-4 tablet:p-6">
        <p>
          Each row is shown as it is understood; nothing is kept before you say so. A sheet to fill
          by hand is one of the{' '}
          <Link
            to={`${pathToReport(job)}?form=blank`}
            className="underline decoration-line underline-offset-4"
          >
            forms of the report
          </Link>
          .
        </p>
        <PickFile
          label="The file (CSV or XLSX)"
          accept=".csv,.tsv,.txt,.xlsx"
          onPick={(picked) => lookAt(picked, [], gauge)}
        />
        {(look.isPending || bring.isPending) && <HowFar key={id} id={id} />}
        {failure && (
          <p role="alert" className="border-l-8 border-near pl-4 font-semibold">
            {failure.message}
          </p>
        )}
        {file === undefined && <Layouts />}
        {kept && <Kept kept={kept} job={job} />}
        {found && file && !kept && (
          <>
            <p className="text-title font-bold">{found.sentence}</p>
            {found.cameBefore && <p className="font-semibold">{found.cameBefore}</p>}
            <Columns
              found={found}
              onMean={(at, means) =>
                lookAt(
                  file,
                  found.columns.map((each, i) => (i === at ? means : each.means)),
                  gauge,
                )
              }
            />
            {(found.wants === 'gauge' || gauge !== '') && (
              <GaugeOfAll gauge={gauge} onPick={(number) => lookAt(file, column, number)} />
            )}
            <Rows found={found} />
            <div className="flex flex-wrap gap-4">
              <Button
                look="now"
                disabled={found.good === 0 || bring.isPending}
                onClick={() => keep(found.bad > 0, found.cameBefore !== undefined)}
              >
                {keepSaid(found)}
              </Button>
            </div>
          </>
        )}
      </div>
    </Shell>
  );
}

const keepSaid = ({ good, bad, cameBefore }: TableIn): string =>
  bad > 0
    ? `Keep the ${good === 1 ? 'good one' : `${good} good ones`}, hand back ${bad}`
    : cameBefore
      ? 'Keep them once more'
      : `Keep all ${good}`;

function GaugeOfAll({ gauge, onPick }: { gauge: string; onPick: (number: string) => void }) {
  const gauges = useGauges().data ?? [];
  return (
    <div className="max-w-md">
      <Choice
        label="Read with, where the file names no gauge"
        value={gauge}
        choices={{
          '': 'pick one',
          ...Object.fromEntries(
            gauges.map(({ shopNumber, name }) => [shopNumber, `${shopNumber} ${name}`]),
          ),
        }}
        onChoose={onPick}
      />
    </div>
  );
}

function Kept({ kept, job }: { kept: TableKept; job: number }) {
  return (
    <section aria-label="Kept" className="border-l-8 border-in pl-4">
      <p className="text-title font-bold">{kept.sentence}</p>
      <ul className="mt-2 flex flex-wrap gap-x-6">
        {kept.rejected && (
          <li>
            <a
              href={`data:text/csv;charset=utf-8,${encodeURIComponent(`\uFEFF${kept.rejected}`)}`}
              download="not-kept.csv"
              className="underline decoration-line underline-offset-4"
            >
              The rows that were not kept (CSV)
            </a>
          </li>
        )}
        <li>
          <Link to={pathToReport(job)} className="underline decoration-line underline-offset-4">
            Report
          </Link>
        </li>
      </ul>
    </section>
  );
}
