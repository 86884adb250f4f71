import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { type TableIn, useBringReadingsIn, useLookAtReadings } from '../api/bringIn';
import type { Problem } from '../api/client';
import { pathToReport } from '../api/client';
import { useGauges } from '../api/queries';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Shell } from '../ui/Shell';
import { PickFile } from './PickFile';

const MEANINGS = {
  '': 'left out',
  part: 'part',
  feature: 'feature',
  place: 'place',
  code: 'code of the sheet',
  figure: 'reading',
  unit: 'unit',
  gauge: 'gauge',
  reader: 'read with',
  person: 'person',
  taken: 'when it was read',
  round: 'round',
  id: 'its UUID',
} as const;

/** Readings out of a spreadsheet, looked at row by row before anything is kept. */
export function BringReadingsScreen() {
  const job = Number(useParams().job);
  const [file, setFile] = useState<File | undefined>();
  const [column, setColumn] = useState<string[]>([]);
  const [gauge, setGauge] = useState('');
  const look = useLookAtReadings();
  const bring = useBringReadingsIn();
  const lookAt = (of: File, columns: string[], with_: string) => {
    setFile(of);
    setColumn(columns);
    setGauge(with_);
    bring.reset();
    look.mutate({ job, file: of, column: columns, gauge: with_ });
  };
  const found = look.data;
  const keep = (onlyGood: boolean, again: boolean) => {
    if (file) {
      bring.mutate({ job, file, column, gauge, onlyGood, again });
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
          A CSV file or a workbook: a row for each reading with part, feature and figure, or a row
          for each part with a column for each feature. A sheet that was filled by hand is typed
          back by its codes.{' '}
          <Link to={pathToReport(job)} className="underline decoration-line underline-offset-4">
            Print the sheet
          </Link>
        </p>
        <PickFile
          label="The file (CSV or XLSX)"
          accept=".csv,.tsv,.txt,.xlsx"
          onPick={(picked) => lookAt(picked, [], gauge)}
        />
        {failure && (
          <p role="alert" className="border-l-8 border-near pl-4 font-semibold">
            {failure.message}
          </p>
        )}
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
                disabled={found.good === 0 || found.bad > 0 || bring.isPending}
                onClick={() => keep(false, found.cameBefore !== undefined)}
              >
                {found.cameBefore ? 'Keep them once more' : `Keep all ${found.good}`}
              </Button>
              {found.bad > 0 && found.good > 0 && (
                <Button
                  disabled={bring.isPending}
                  onClick={() => keep(true, found.cameBefore !== undefined)}
                >
                  Keep the {found.good} good ones, hand back {found.bad}
                </Button>
              )}
            </div>
          </>
        )}
      </div>
    </Shell>
  );
}

interface ColumnsProps {
  found: TableIn;
  onMean: (at: number, means: string) => void;
}

function Columns({ found, onMean }: ColumnsProps) {
  return (
    <section aria-label="Columns">
      <h2 className="border-b-2 border-ink text-body font-bold">What each column holds</h2>
      <div className="mt-2 flex gap-4 overflow-x-auto pb-2">
        {found.columns.map(({ head, means, label, unit, first }, at) => (
          <div key={at} className="min-w-52">
            <Choice
              label={head === '' ? `column ${at + 1}` : head}
              value={means}
              choices={means.startsWith('=') ? { [means]: label, ...MEANINGS } : MEANINGS}
              onChoose={(to) => onMean(at, to)}
            />
            <p className="mt-1 truncate text-label text-quiet">
              {first.filter((cell) => cell !== '').join(' · ')}
              {unit ? ` (${unit})` : ''}
            </p>
          </div>
        ))}
      </div>
    </section>
  );
}

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

function Rows({ found }: { found: TableIn }) {
  const left = found.good + found.bad - found.rows.length;
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-collapse text-left">
        <caption className="sr-only">Rows as they were understood</caption>
        <thead>
          <tr className="border-b-2 border-ink text-label">
            {['Line', 'Part', 'Feature', 'Place', 'Reading', 'Limits', 'Gauge', ''].map((name) => (
              <th key={name} scope="col" className="py-1 pr-4">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {found.rows.map((row, at) => (
            <tr key={at} className="border-b border-line align-top">
              <td className="py-1 pr-4 text-quiet">{row.line}</td>
              <td className="py-1 pr-4 whitespace-nowrap">{row.part}</td>
              <td className="py-1 pr-4 whitespace-nowrap">{row.feature}</td>
              <td className="py-1 pr-4">{row.place}</td>
              <td className="reading py-1 pr-4 font-semibold whitespace-nowrap">{row.figure}</td>
              <td className="py-1 pr-4 whitespace-nowrap text-quiet">{row.limits}</td>
              <td className="py-1 pr-4">{row.gauge}</td>
              <td className="py-1">
                {row.problem && (
                  <strong className="block border-l-4 border-ink pl-2">
                    {row.column ? `${row.column}: ` : ''}
                    {row.problem}
                  </strong>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {left > 0 && <p className="mt-2 text-label text-quiet">And {left} more that are good.</p>}
    </div>
  );
}

function Kept({
  kept,
  job,
}: {
  kept: NonNullable<ReturnType<typeof useBringReadingsIn>['data']>;
  job: number;
}) {
  return (
    <section aria-label="Kept" className="border-l-8 border-in pl-4">
      <p className="text-title font-bold">{kept.sentence}</p>
      <ul className="mt-2 flex flex-wrap gap-x-6">
        {kept.rejected !== undefined && kept.rejected !== null && (
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
