import { useState } from 'react';
import { pathsOut, tabSeparated } from '../api/records';
import { useKeys } from '../keys/useKeys';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';

const SHEETS = {
  readings: 'readings',
  verdicts: 'verdicts',
  features: 'features',
  gauges: 'gauges',
  checks: 'zero checks',
} as const;

/** The tables and pictures of a job, for other programs. */
export function TakeAlong({ job, onSay }: { job: number; onSay: (said: string) => void }) {
  const [sheet, setSheet] = useState<keyof typeof SHEETS>('readings');
  const paths = pathsOut(job, sheet);
  const copy = async () => {
    await navigator.clipboard.writeText(await tabSeparated(job, sheet));
    onSay(`The ${SHEETS[sheet]} are on the clipboard: paste them into a spreadsheet.`);
  };
  useKeys({ t: () => void copy() });
  return (
    <section aria-label="Take it along" className="border-t-2 border-ink pt-3">
      <h2 className="text-body font-bold">Take it along</h2>
      <p className="text-label text-quiet">As it is now, for other programs.</p>
      <ul className="mt-2 flex flex-wrap gap-x-5 gap-y-1">
        <Out href={paths.book} name="Workbook (XLSX)" />
        <Out href={paths.pictures} name="Pictures (SVG)" />
      </ul>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <Choice
          label="One table"
          value={sheet}
          choices={SHEETS}
          onChoose={(to) => setSheet(to as keyof typeof SHEETS)}
        />
        <Button small onClick={() => void copy()}>
          <span className="font-bold">T</span> copy
        </Button>
        <ul>
          <Out href={paths.csv} name="CSV" />
        </ul>
      </div>
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
