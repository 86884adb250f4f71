import { type ReactNode, useEffect } from 'react';
import { Link, useNavigate } from 'react-router';
import { pathToPractise } from '../api/client';
import { keys, queries, useShop } from '../api/queries';
import { inTray } from '../api/outbox';
import {
  useServerAway,
  useServerTrouble,
  useServerWantsPassphrase,
  useWaiting,
} from '../api/useOutbox';
import { useKeys } from '../keys/useKeys';
import { counted } from './counted';
import { SoakClocks } from './SoakClocks';
import { Strays } from './Strays';
import { changeTheme, preferTheme } from './theme';

interface ShellProps {
  /** The page's name, for the window's title. */
  title: string;
  /** What stands beside the name in the head: the job, the part. */
  head?: ReactNode;
  /** One sentence for ears, said when it changes. */
  say?: string;
  /** On a job that lives hang on: who decides. */
  lives?: string | null | undefined;
  /** The keys in use, along the foot. */
  keys?: ReactNode;
  children: ReactNode;
}

/** What every page has: the head with the shop and its people, the page itself, the keys along the foot. */
export function Shell({ title, head, say = '', lives, keys, children }: ShellProps) {
  const shop = useShop().data;
  const navigate = useNavigate();
  // Ten quick readings from wherever one is.
  useKeys({ '*': () => void navigate(pathToPractise()) });
  const waiting = useWaitingWords();
  useEffect(() => {
    document.title = `${title} · Jaw Read`;
  }, [title]);
  const preferred = shop?.theme;
  useEffect(() => {
    if (preferred !== undefined) {
      preferTheme(preferred);
    }
  }, [preferred]);
  return (
    <div className="flex min-h-dvh flex-col">
      <header className="flex min-h-14 print:hidden flex-wrap items-center gap-x-5 gap-y-1 border-b-2 border-line bg-panel px-4 py-2 max-tablet:gap-x-3 max-tablet:gap-y-0 max-tablet:py-0 tablet:px-6">
        <Link to="/" aria-label="Jaw Read" className="py-2 font-extrabold">
          <span className="max-tablet:hidden">Jaw Read</span>
          <span aria-hidden="true" className="tablet:hidden">
            JR
          </span>
        </Link>
        {head}
        <div className="ml-auto flex items-center gap-4 text-label">
          {shop?.demonstration && (
            <strong className="border-2 border-ink px-2 font-semibold tracking-wide">
              demo<span className="max-tablet:sr-only">nstration</span>
            </strong>
          )}
          <span className="hidden text-quiet tablet:inline">{shop?.name}</span>
          {shop && (
            <Link
              to="/?who"
              className="py-2 font-semibold underline decoration-line underline-offset-4"
            >
              {shop.person?.name ?? 'Say who measures'}
            </Link>
          )}
          <button
            type="button"
            onClick={changeTheme}
            className="py-2 text-quiet underline decoration-line underline-offset-4 max-tablet:hidden"
          >
            light / dim
          </button>
        </div>
      </header>
      <SoakClocks />
      <Strays gauges={shop?.keyboardGauges} />
      {waiting !== '' && (
        <p className="border-b-2 border-line bg-panel px-6 py-2 font-semibold">{waiting}</p>
      )}
      <TouchNames />
      {lives && (
        <p className="border-b-2 border-ink bg-panel px-4 py-2 font-semibold tablet:px-6">
          <span aria-hidden="true" className="mr-3 border-2 border-ink px-2">
            !
          </span>
          {lives}
        </p>
      )}
      <p aria-live="polite" className="sr-only">
        {waiting || say}
      </p>
      <main className="flex grow flex-col">{children}</main>
      {keys && (
        <footer
          aria-label="Keys"
          className="hidden flex-wrap gap-x-5 gap-y-2 print:hidden! border-t-2 border-line bg-panel px-6 py-3 text-label bench:flex"
        >
          {keys}
        </footer>
      )}
    </div>
  );
}

/** Tickets that have ended under readings that wait, and a passphrase that is wanted: what is to be done, and where. */
function TouchNames() {
  const waiting = useWaiting();
  const wantsPassphrase = useServerWantsPassphrase();
  const ended = waiting.filter((each) => each.ended !== undefined);
  const names = [...new Set(ended.map(({ ended: said }) => said))];
  useEffect(() => {
    if (ended.length > 0) {
      void queries.invalidateQueries({ queryKey: keys.shop });
    }
  }, [ended.length]);
  if (wantsPassphrase) {
    return (
      <p role="alert" className="border-b-2 border-ink bg-panel px-6 py-2 font-semibold">
        This shop wants its passphrase again. Nothing typed is lost.{' '}
        <a href="/enter" className="underline underline-offset-4">
          Say it
        </a>
      </p>
    );
  }
  return names.map((said) => (
    <p key={said} role="alert" className="border-b-2 border-ink bg-panel px-6 py-2 font-semibold">
      {said}{' '}
      <Link to="/?who" className="underline underline-offset-4">
        {counted(ended.filter((each) => each.ended === said).length, 'reading')} here: touch the
        name
      </Link>
    </p>
  ));
}

/** Readings that wait for the server, told calmly on every page; empty while all is well. */
function useWaitingWords(): string {
  const waiting = useWaiting().filter(
    (each) => inTray(each) === undefined && each.ended === undefined,
  );
  const away = useServerAway();
  const trouble = useServerTrouble();
  if ((!away && trouble === '') || waiting.length === 0) {
    return '';
  }
  const wait = waiting.length === 1 ? 'One reading waits' : `${waiting.length} readings wait`;
  const why = away ? 'The server does not answer.' : trouble;
  return `${why} ${wait} here, to be sent once it is back: go on measuring.`;
}
