import { useState } from 'react';
import { Link } from 'react-router';
import { pathToJobFile } from '../api/bringIn';
import { pathsOut, tabSeparated } from '../api/records';
import { useKeys } from '../keys/useKeys';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';

const TABLES = {
  readings: 'readings',
  verdicts: 'verdicts',
  features: 'features',
  gauges: 'gauges',
  checks: 'zero checks',
} as const;

/** The tables and pictures of a job, for other programs. */
export function TakeAlong({ job }: { job: number }) {
  const [table, setTable] = useState<keyof typeof TABLES>('readings');
  const [said, setSaid] = useState('');
  const paths = pathsOut(job, table);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(await tabSeparated(job, table));
      setSaid(`The ${TABLES[table]} are on the clipboard: paste them into a spreadsheet.`);
    } catch {
      setSaid(
        'Nothing was copied: this screen has no clipboard, or the server is away. The CSV holds the same.',
      );
    }
  };
  useKeys({ t: () => void copy() });
  return (
    <section aria-label="Take it along" className="border-t-2 border-ink pt-3">
      <h2 className="text-body font-bold">Take it along</h2>
      <p className="text-label text-quiet">As it is now, for other programs.</p>
      <ul className="mt-2 flex flex-wrap gap-x-5 gap-y-1">
        <Out href={pathToJobFile(job)} name="The whole job (JSON)" />
        <Out href={paths.book} name="Workbook (XLSX)" />
        <Out href={paths.pictures} name="Pictures (SVG)" />
      </ul>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <Choice
          label="One table"
          value={table}
          choices={TABLES}
          onChoose={(to) => setTable(to as keyof typeof TABLES)}
        />
        <Button small onClick={() => void copy()}>
          <span className="font-bold">T</span> copy
        </Button>
        <ul>
          <Out href={paths.csv} name="CSV" />
        </ul>
      </div>
      <p className="mt-2">
        <Link
          to={`/jobs/${job}/bring-in`}
          className="inline-block py-2 underline decoration-line underline-offset-4"
        >
          Bring readings in from a file
        </Link>
      </p>
      <p role="status" className="mt-2">
        {said}
      </p>
    </section>
  );
}

function Out({ href, name }: { href: string; name: string }) {
  return (
    <li>
      <a
        href={href}
        download
        className="inline-block py-2 underline decoration-line underline-offset-4"
      >
        {name}
      </a>
    </li>
  );
}
