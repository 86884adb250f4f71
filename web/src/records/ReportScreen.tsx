import { useEffect, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { pathToPdf, type ReportForm, useJobRecord, useReport } from '../api/records';
import { useKeys } from '../keys/useKeys';
import { Choice } from '../ui/Choice';
import { KeysAlong } from '../ui/KeysAlong';
import { Notice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { Signing } from './Signing';
import { TakeAlong } from './TakeAlong';

const FORMS: Record<ReportForm, string> = {
  full: 'full report',
  'one-page': 'one page for the customer',
  blank: 'sheet to fill by hand',
};

/** A job on paper: what the PDF shows, and beside it who signed it. Printing this page gives the same. */
export function ReportScreen() {
  const job = Number(useParams().job);
  const [search, setSearch] = useSearchParams();
  const page = useJobRecord(job);
  const [paper, setPaper] = useState<'a4' | 'letter'>('a4');
  const form = (search.get('form') ?? 'full') as ReportForm;
  const standing = page.data?.records.find(({ reopened }) => reopened == null);
  // A signed job shows what was signed; as it is now it is one step away.
  const asked = search.get('of') ?? standing?.id ?? 'now';
  const record = form === 'blank' || asked === 'now' ? undefined : asked;
  const report = { job, record, form };
  const article = useReport(report);
  const choose = (name: string, value: string) => {
    search.set(name, value);
    setSearch(search, { replace: true });
  };
  const openPdf = () => window.open(pathToPdf(report, paper), '_blank', 'noopener');
  useKeys({
    p: openPdf,
    f: () => choose('form', 'full'),
    o: () => choose('form', 'one-page'),
    b: () => choose('form', 'blank'),
  });
  useReportLook();
  useRunningHead(article.data);
  if (page.data === undefined) {
    return (
      <Shell title="Report">
        {page.error && <Notice title="No report" words={page.error.message} back />}
      </Shell>
    );
  }
  const { name, records } = page.data;
  return (
    <Shell
      title={`Report of ${name}`}
      head={
        <>
          <h1 className="text-body font-bold">Report</h1>
          <Link
            to={`/jobs/${job}`}
            className="py-2 text-quiet underline decoration-line underline-offset-4"
          >
            {name}
          </Link>
        </>
      }
      keys={
        <KeysAlong
          uses={[
            ['P', 'PDF'],
            ['F', 'full'],
            ['O', 'one page'],
            ['B', 'by hand'],
            ['T', 'copy a table'],
          ]}
        />
      }
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-5 p-3 tablet:p-5 bench:grid-cols-[minmax(0,1fr)_22rem] print:block print:p-0">
        <aside className="flex flex-col gap-4 bench:order-2 print:hidden">
          <Choice
            label="On paper"
            value={form}
            choices={FORMS}
            onChoose={(to) => choose('form', to)}
          />
          {records.length > 0 && form !== 'blank' && (
            <Choice
              label="As it stands"
              value={record ?? 'now'}
              choices={{
                ...Object.fromEntries(
                  records.map(({ id, revision }) => [id, `signed, revision ${revision}`]),
                ),
                now: 'as it is now, not signed',
              }}
              onChoose={(to) => choose('of', to)}
            />
          )}
          <Choice
            label="Paper"
            value={paper}
            choices={{ a4: 'A4', letter: 'Letter' }}
            onChoose={(to) => setPaper(to === 'letter' ? 'letter' : 'a4')}
          />
          <a
            href={pathToPdf(report, paper)}
            target="_blank"
            rel="noopener"
            className="inline-flex min-h-touch items-center gap-3 rounded-edge border-2 border-line bg-panel px-5 font-semibold"
          >
            <span className="font-bold">P</span> PDF
          </a>
          <Signing key={page.data.edition} page={page.data} />
          <TakeAlong job={job} />
        </aside>
        <Sheet html={article.data} failed={article.error?.message} />
      </div>
    </Shell>
  );
}

/** The server’s article as it is: all text in it was escaped there, and no script may run on a page of ours. */
function Sheet({ html, failed }: { html: string | undefined; failed: string | undefined }) {
  if (failed !== undefined) {
    return <p role="alert">{failed}</p>;
  }
  return (
    <div
      className="report-sheet"
      aria-busy={html === undefined}
      dangerouslySetInnerHTML={{ __html: html ?? '' }}
    />
  );
}

/** Printed from here, each page bears the report’s head, as in the PDF. */
function useRunningHead(html: string | undefined): void {
  useEffect(() => {
    const head = new DOMParser().parseFromString(html ?? '', 'text/html').querySelector('.running');
    const said = (head?.textContent ?? '').trim().replace(/\s+/g, ' ');
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(
      `@page { @top-left { content: ${JSON.stringify(said)}; font: 8pt Report, sans-serif; width: 100%; } }`,
    );
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((each) => each !== sheet);
    };
  }, [html]);
}

const LOOKS = ['/report/report.css', '/report/screen.css'];

/** The report’s own look, while it is shown: the PDF is made with the same. */
function useReportLook(): void {
  useEffect(() => {
    const links = LOOKS.map((href) => {
      const link = document.createElement('link');
      link.rel = 'stylesheet';
      link.href = href;
      document.head.append(link);
      return link;
    });
    return () => links.forEach((link) => link.remove());
  }, []);
}
