import { useState } from 'react';
import { Link } from 'react-router';
import type { Drawer, GaugeRow, Master } from '../api/client';
import { useDrawer } from '../api/queries';
import { Button } from '../ui/Button';
import { ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { StateMark } from '../drawings/StateMark';
import { MasterCard } from './MasterCard';

type Show = 'all' | 'wanting' | 'unfit';

const SHOWN: Record<Show, (gauge: GaugeRow) => boolean> = {
  all: ({ state }) => state !== 'retired',
  wanting: ({ wanted, state }) => wanted !== undefined || state === 'due',
  unfit: ({ state }) => state === 'quarantined' || state === 'retired',
};

const NAMES: Record<Show, string> = {
  all: 'all in the drawer',
  wanting: 'wanting a look',
  unfit: 'not fit for use',
};

/** Gauges and masters, what state they are in, and which want a look. */
export function DrawerScreen() {
  const drawer = useDrawer();
  return (
    <Shell title="Drawer" head={<h1 className="text-body font-semibold">Drawer</h1>}>
      {drawer.data && <DrawerOf drawer={drawer.data} />}
      {drawer.isPending && drawer.failureCount > 0 && <ServerAwayNotice />}
    </Shell>
  );
}

function DrawerOf({ drawer }: { drawer: Drawer }) {
  const [show, setShow] = useState<Show>('all');
  const [master, setMaster] = useState<Master | 'new' | undefined>();
  const shown = drawer.gauges.filter(SHOWN[show]);
  return (
    <div className="mx-auto grid w-full max-w-7xl gap-6 p-4 tablet:p-6 bench:grid-cols-[minmax(0,1fr)_24rem]">
      <section aria-label="Gauges" className="flex min-w-0 flex-col gap-3">
        <p className="font-medium">{drawer.summary}</p>
        <div className="flex flex-wrap items-center gap-2">
          {(Object.keys(SHOWN) as Show[]).map((each) => (
            <Button
              key={each}
              small
              aria-pressed={show === each}
              className={show === each ? 'border-ink! font-bold' : ''}
              onClick={() => setShow(each)}
            >
              {NAMES[each]}
            </Button>
          ))}
          <Link
            to="/drawer/add"
            className="ml-auto inline-flex min-h-11 items-center rounded-edge bg-now px-5 font-semibold text-on-now"
          >
            Add gauges
          </Link>
        </div>
        {shown.length === 0 ? (
          <p className="border-2 border-line bg-panel p-6">
            {drawer.gauges.length === 0
              ? 'The drawer is empty. Add the gauges that lie in yours: a set of micrometers takes half a minute.'
              : 'None.'}
          </p>
        ) : (
          <ul aria-label="Gauges" className="border-2 border-line bg-panel">
            {shown.map((gauge) => (
              <li key={gauge.id} className="border-b border-line last:border-b-0">
                <GaugeLine gauge={gauge} />
              </li>
            ))}
          </ul>
        )}
      </section>
      <aside className="flex flex-col gap-3" aria-label="Masters">
        <div className="flex items-center gap-3 border-b-2 border-ink pb-1">
          <h2 className="text-body">Masters</h2>
          <Button small className="ml-auto" onClick={() => setMaster('new')}>
            Add a master
          </Button>
        </div>
        <ul>
          {drawer.masters.map((each) => (
            <li key={each.id}>
              <button
                type="button"
                onClick={() => setMaster(each)}
                className="grid min-h-12 w-full grid-cols-[2rem_minmax(0,1fr)_auto] items-center gap-x-3 border-b border-line py-1 text-left hover:bg-panel"
              >
                <StateMark state={each.state} />
                <span>
                  <span className="font-semibold">{each.shopNumber}</span>
                  <span className="label block">
                    {each.kindName}, {each.material}
                    {each.state !== 'in-use' && `, ${each.stateWord}`}
                  </span>
                </span>
                <span className="text-right text-label">
                  {each.kind === 'block-set'
                    ? `to ${(each.certified ?? each.size).text} ${each.unit}`
                    : `${(each.certified ?? each.size).text} ${each.unit}`}
                  <span className="block text-quiet">U {each.expanded.text}</span>
                </span>
              </button>
            </li>
          ))}
        </ul>
        <h2 className="mt-4 border-b-2 border-ink pb-1 text-body">Also here</h2>
        <Link to="/card" className="min-h-11 py-2 underline underline-offset-4">
          The card: blocks for a size, leaves for a gap, a size at 20 °C, threads, fits
        </Link>
        <Link to="/technique" className="min-h-11 py-2 underline underline-offset-4">
          Technique cards: how each gauge is held and read
        </Link>
        <Link to="/drawer/study" className="min-h-11 py-2 underline underline-offset-4">
          Study of several people with one gauge
        </Link>
      </aside>
      {master !== undefined && (
        <MasterCard
          key={master === 'new' ? 'new' : master.id}
          master={master === 'new' ? undefined : master}
          materials={drawer.materials}
          onClose={() => setMaster(undefined)}
        />
      )}
    </div>
  );
}

function GaugeLine({ gauge }: { gauge: GaugeRow }) {
  const { shopNumber, name, range, leastCount, state, stateWord, due, wanted, checked, holds } =
    gauge;
  return (
    <Link
      to={`/drawer/${gauge.id}`}
      className="grid min-h-touch grid-cols-[2rem_3.5rem_minmax(0,1fr)] items-center gap-x-3 px-3 py-2 hover:bg-paper tablet:max-bench:grid-cols-[2rem_3.5rem_minmax(0,1fr)_minmax(0,19rem)] wide:grid-cols-[2rem_3.5rem_minmax(0,1fr)_minmax(0,19rem)]"
    >
      <StateMark state={state} wanted={wanted !== undefined} />
      <strong className="font-bold">{shopNumber}</strong>
      <span className="min-w-0">
        <span className="block">{name}</span>
        <span className="label block">
          {range}
          {leastCount && `, steps of ${leastCount.text} ${leastCount.unit}`}
        </span>
      </span>
      <span className="col-start-3 text-label tablet:max-bench:col-start-4 wide:col-start-4">
        {state !== 'in-use' && <strong className="block font-semibold">{stateWord}</strong>}
        {wanted !== undefined && <span className="block">{wanted}</span>}
        {wanted === undefined && checked && <span className="block text-quiet">{checked}</span>}
        {holds && <span className="block text-quiet">{holds}</span>}
        {due && state !== 'due' && <span className="block text-quiet">{due}</span>}
      </span>
    </Link>
  );
}
