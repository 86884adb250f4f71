import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { pathToPractise } from '../api/client';
import { type Learned, usePractice } from '../api/practice';
import { useDrawer } from '../api/queries';
import { useKeys } from '../keys/useKeys';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { KeysAlong } from '../ui/KeysAlong';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';

const LEVELS = {
  coarse: 'coarse part only',
  fine: 'with the fine part',
  vernier: 'with the vernier',
  traps: 'where an eye slips',
  base: 'with frames and rods',
  mixed: 'inch and metric mixed',
};

const WAYS = { read: 'read it', set: 'set it', heard: 'hear it' };

/** Where a learner stands: what is next and why, each scale with its ticket and its traps, and the ways to practise. */
export function PracticeScreen() {
  const page = usePractice();
  const gauges = useDrawer().data?.gauges ?? [];
  const navigate = useNavigate();
  const [level, setLevel] = useState<string>('traps');
  const [way, setWay] = useState<string>('read');
  const how = {
    level,
    ...(way === 'set' && { toSet: true }),
    ...(way === 'heard' && { heard: true }),
  };
  const next = page.data?.next;
  const toNext =
    next && pathToPractise({ ...how, scale: next.scale, ...(next.only && { only: next.only }) });
  const toAny = pathToPractise(how);
  useKeys({
    ...(toNext && { Enter: () => void navigate(toNext) }),
    t: () => void navigate(toAny),
    l: () => void navigate('/practice/lesson'),
    ...(page.data?.open && { o: () => void navigate(`/practice/sets/${page.data.open}`) }),
  });
  if (page.data === undefined) {
    return (
      <Shell title="Practice">
        {page.error && <Notice title="Who practises?" words={page.error.message} back />}
        {page.isPending && page.failureCount > 0 && <ServerAwayNotice />}
      </Shell>
    );
  }
  const { scales, open, lesson, person, answered } = page.data;
  const begun = scales.filter(({ traps }) => traps.some(({ met }) => met > 0));
  const others = scales.filter((each) => !begun.includes(each));
  const holds = gauges.filter(({ holds }) => holds);
  return (
    <Shell
      title="Practice"
      head={<h1 className="text-body font-bold">Practice of {person}</h1>}
      keys={
        <KeysAlong
          uses={[
            ...(next ? ([['Enter', 'practise that']] as [string, string][]) : []),
            ['T', 'ten from anywhere'],
            ['L', 'first lesson'],
            ...(open ? ([['O', 'go on with the open set']] as [string, string][]) : []),
          ]}
        />
      }
    >
      <div className="mx-auto flex w-full max-w-6xl flex-col gap-5 p-3 tablet:p-6">
        <section aria-label="Next" className="border-2 border-ink bg-panel p-4 tablet:p-5">
          <p className="text-order font-semibold text-now">
            {answered === 0
              ? 'Nothing was practised yet: begin with the first lesson, or with ten readings.'
              : (next?.sentence ?? 'All you practised is firm.')}
          </p>
          <div className="mt-4 flex flex-wrap gap-3">
            {toNext && (
              <Way to={toNext} now={answered > 0} k="Enter">
                {next?.only ? 'ten of that trap' : 'ten on it'}
              </Way>
            )}
            <Way to={toAny} k="T">
              ten from anywhere
            </Way>
            <Way to="/practice/lesson" now={answered === 0} k="L">
              {lesson ? 'go on with the first lesson' : 'first lesson, ten minutes'}
            </Way>
            {open && (
              <Way to={`/practice/sets/${open}`} k="O">
                go on with the open set
              </Way>
            )}
          </div>
          <div className="mt-4 grid gap-3 tablet:max-w-xl tablet:grid-cols-2">
            <Choice label="How hard" value={level} choices={LEVELS} onChoose={setLevel} />
            <Choice label="How" value={way} choices={WAYS} onChoose={setWay} />
          </div>
        </section>
        {begun.map((learned) => (
          <OfScale key={learned.scale} learned={learned} how={how} />
        ))}
        {holds.length > 0 && (
          <section aria-label="Held with real gauges" className="flex flex-col gap-1">
            <h2 className="label">With real gauges, by trials on a master</h2>
            {holds.map(({ id, shopNumber, holds: said }) => (
              <p key={id}>
                <Link
                  to={`/drawer/${id}`}
                  className="font-bold underline decoration-line underline-offset-4"
                >
                  {shopNumber}
                </Link>{' '}
                {said}
              </p>
            ))}
          </section>
        )}
        <section aria-label="Not practised yet" className="flex flex-col gap-2">
          <h2 className="label">Not practised yet</h2>
          <ul className="grid gap-2 tablet:grid-cols-2 wide:grid-cols-3">
            {others.map(({ scale, name }) => (
              <li key={scale}>
                <Link
                  to={pathToPractise({ ...how, scale })}
                  className="flex min-h-touch items-center border-2 border-line bg-panel px-4 py-2 font-medium hover:border-quiet"
                >
                  {name}
                </Link>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </Shell>
  );
}

function Way({
  to,
  k,
  now = false,
  children,
}: {
  to: string;
  k: string;
  now?: boolean;
  children: string;
}) {
  return (
    <Link
      to={to}
      className={`inline-flex min-h-touch items-center rounded-edge border-2 px-5 font-medium ${
        now ? 'border-now bg-now text-panel' : 'border-line bg-panel hover:border-quiet'
      }`}
    >
      <span className="mr-3 font-bold">{k}</span> {children}
    </Link>
  );
}

const SHOWN = 6;

function OfScale({
  learned,
  how,
}: {
  learned: Learned;
  how: Parameters<typeof pathToPractise>[0];
}) {
  const [all, setAll] = useState(false);
  const { scale, name, ticket, says, traps } = learned;
  const shown = all ? traps : traps.slice(0, SHOWN);
  return (
    <section aria-label={name} className="border-2 border-line bg-panel p-4">
      <header className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-title">{name}</h2>
        <p className={ticket === 'fresh' ? 'font-bold text-in' : 'font-medium'}>{says}</p>
      </header>
      <ul className="mt-2 grid gap-x-8 tablet:grid-cols-2">
        {shown.map((trap) => (
          <li key={trap.slip} className="border-b border-line py-1">
            <Link
              to={pathToPractise({ ...how, scale, only: trap.slip })}
              className="grid grid-cols-[minmax(0,1fr)_7rem] items-center gap-x-3 py-1 hover:underline"
            >
              <span>
                {trap.name}
                <span className="label block">
                  {trap.word}
                  {trap.met > 0 && `, missed ${trap.missed} of ${trap.met}`}
                </span>
              </span>
              <Meter percent={trap.met === 0 ? 0 : trap.percent} />
            </Link>
          </li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap gap-3">
        <Link
          to={pathToPractise({ ...how, scale })}
          className="inline-flex min-h-11 items-center rounded-edge border-2 border-line px-4 font-medium hover:border-quiet"
        >
          Ten on this scale
        </Link>
        {traps.length > SHOWN && (
          <Button small onClick={() => setAll(!all)}>
            {all ? 'fewer traps' : `${traps.length - SHOWN} more traps`}
          </Button>
        )}
      </div>
    </section>
  );
}

/** How firm, as a bar; its word stands beside it. */
function Meter({ percent }: { percent: number }) {
  return (
    <span aria-hidden="true" className="flex h-3 border border-line bg-paper">
      <span className="bg-ink" style={{ width: `${percent}%` }} />
    </span>
  );
}
