import { counted } from '../ui/counted';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { GaugePage } from '../api/client';
import { useGaugePage, useShop } from '../api/queries';
import { Button } from '../ui/Button';
import { Changes } from '../ui/Changes';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { ZeroCheck } from '../ui/ZeroCheck';
import { StateMark } from '../drawings/StateMark';
import { CalibrationCard } from './CalibrationCard';
import { CheckStrip } from './CheckStrip';
import { FactsCard } from './FactsCard';
import { History } from './History';
import { Speaks } from './Speaks';
import { UncertaintyAt } from './UncertaintyAt';
import { Uses } from './Uses';

/** One gauge: its zero, its state, what it is for and how well, who holds how much with it. */
export function GaugeScreen() {
  const { gauge = '' } = useParams();
  const page = useGaugePage(Number(gauge));
  if (page.data === undefined) {
    return (
      <Shell title="Gauge">
        {page.error && <Notice title="No such gauge" words={page.error.message} back />}
        {page.failureCount > 0 && !page.error && <ServerAwayNotice />}
      </Shell>
    );
  }
  return <GaugeOf key={gauge} page={page.data} />;
}

function GaugeOf({ page }: { page: GaugePage }) {
  const [card, setCard] = useState<'facts' | 'calibration' | undefined>();
  const nobody = useShop().data?.person === undefined;
  const { gauge } = page;
  const transfer = page.readers.length > 0;
  return (
    <Shell
      title={`${gauge.shopNumber}, ${gauge.name}`}
      head={
        <>
          <h1 className="text-body font-bold">
            {gauge.shopNumber}, {gauge.name}
          </h1>
          <Link to="/drawer" className="text-quiet underline decoration-line underline-offset-4">
            Drawer
          </Link>
        </>
      }
    >
      <div className="mx-auto grid w-full max-w-7xl gap-6 p-4 tablet:p-6 bench:grid-cols-[minmax(0,1fr)_25rem]">
        <div className="flex min-w-0 flex-col gap-6">
          <header className="flex flex-wrap items-center gap-4">
            <StateMark state={gauge.state} wanted={gauge.wanted !== undefined} />
            <p className="grow">
              <strong className="font-bold">{gauge.stateWord}</strong>
              <span className="label block">
                {gauge.range}
                {gauge.leastCount && `, steps of ${gauge.leastCount.text} ${gauge.leastCount.unit}`}
                {gauge.due && `, ${gauge.due}`}
              </span>
            </p>
            {page.comparator && (
              <Link
                to={`/drawer/${gauge.id}/set`}
                className="inline-flex min-h-11 items-center border-2 border-line bg-panel px-4 font-medium hover:border-quiet"
              >
                Set it on a master
              </Link>
            )}
            <Link
              to={`/technique/${gauge.kind}`}
              className="inline-flex min-h-11 items-center border-2 border-line bg-panel px-4 font-medium hover:border-quiet"
            >
              How it is held and read
            </Link>
          </header>
          {nobody && (
            <p className="border-l-4 border-ink pl-3 font-semibold">
              Whatever is written down here bears a name: say first, at the top, who you are.
            </p>
          )}
          {gauge.wanted && (
            <p className="border-l-4 border-now pl-3 text-title font-semibold">{gauge.wanted}</p>
          )}
          {page.correction && (
            <p className="border-l-4 border-near pl-3 font-semibold">{page.correction}</p>
          )}
          {page.speaks && <Speaks words={page.speaks} number={gauge.shopNumber} />}
          {page.allowed && <ZeroCheck page={page} allowed={page.allowed} />}
          {page.allowed && page.checks.length > 0 && (
            <CheckStrip page={page} allowed={page.allowed} />
          )}
          <Uses page={page} onFacts={() => setCard('facts')} />
          {!transfer && <UncertaintyAt page={page} />}
        </div>
        <aside className="flex flex-col gap-6" aria-label="State and trials">
          <History page={page} onCalibrate={() => setCard('calibration')} />
          <Changes of="gauge" which={gauge.id} />
          <section aria-label="Trials">
            <h2 className="border-b-2 border-ink pb-1 text-body">Who holds how much with it</h2>
            {page.trials.length === 0 && (
              <p className="mt-2 text-quiet">
                Nobody has tried yet. Ten readings of a master tell what you hold with this.
              </p>
            )}
            <ul>
              {page.trials.toReversed().map(({ id, person, holds, result }) => (
                <li key={id} className="border-b border-line py-2">
                  <strong className="font-semibold">{person}</strong> {holds}
                  <span className="label block">
                    {counted(result.count, 'reading')}, s {result.spread.text} {result.spread.unit}
                  </span>
                </li>
              ))}
            </ul>
            <Link
              to={`/drawer/${gauge.id}/trial`}
              className="mt-3 inline-flex min-h-touch items-center border-2 border-line bg-panel px-5 font-medium hover:border-quiet"
            >
              Try what you hold with it
            </Link>
            {page.studies.map(({ id, name, people, sentence }) => (
              <p key={id} className="mt-3 border-t border-line pt-2">
                <strong className="font-semibold">{name}</strong>
                <span className="label"> {people}</span>
                <span className="block">{sentence}</span>
              </p>
            ))}
          </section>
          {transfer && (
            <section aria-label="Readers">
              <h2 className="border-b-2 border-ink pb-1 text-body">It is measured with</h2>
              <ul>
                {page.readers.map(({ id, shopNumber, name }) => (
                  <li key={id} className="border-b border-line py-2">
                    <Link to={`/drawer/${id}`} className="underline underline-offset-4">
                      {shopNumber}
                    </Link>{' '}
                    {name}
                  </li>
                ))}
              </ul>
            </section>
          )}
          <Button small className="self-start" onClick={() => setCard('facts')}>
            Describe it anew
          </Button>
        </aside>
      </div>
      {card === 'facts' && <FactsCard page={page} onClose={() => setCard(undefined)} />}
      {card === 'calibration' && <CalibrationCard page={page} onClose={() => setCard(undefined)} />}
    </Shell>
  );
}
