import { counted } from '../ui/counted';
import { Link } from 'react-router';
import type { DoubtfulPlace, Doubts } from '../api/client';
import { useDoubts } from '../api/queries';
import { VerdictMark } from '../drawings/VerdictMark';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { tied } from '../ui/tied';
import { OffGauge } from './OffGauge';

/** What is in doubt now, through all jobs, the worst first. */
export function DoubtsScreen() {
  const doubts = useDoubts();
  return (
    <Shell
      title="In doubt"
      say={doubts.data ? said(doubts.data) : ''}
      head={
        <>
          <h1 className="text-body font-bold">In doubt</h1>
          <Link to="/slips" className="py-2 text-label underline underline-offset-4">
            your slips
          </Link>
        </>
      }
    >
      <div className="mx-auto flex w-full max-w-4xl flex-col gap-8 p-4 tablet:p-6">
        {doubts.data ? (
          <All doubts={doubts.data} />
        ) : (
          <>
            {doubts.error && (
              <Notice title="This cannot be shown" words={doubts.error.message} back />
            )}
            {doubts.failureCount > 0 && <ServerAwayNotice />}
          </>
        )}
      </div>
    </Shell>
  );
}

const said = ({ zeros, places }: Doubts): string =>
  zeros.length + places.length === 0
    ? 'Nothing is in doubt.'
    : `${counted(zeros.length, 'gauge')} found off, ${counted(places.length, 'place')} in doubt.`;

function All({ doubts: { zeros, places } }: { doubts: Doubts }) {
  if (zeros.length + places.length === 0) {
    return (
      <p className="text-order">
        Nothing is in doubt: every reading agrees with what it is held against, and no gauge was
        found off.
      </p>
    );
  }
  return (
    <>
      {zeros.map((zero) => (
        <OffGauge key={zero.check} zero={zero} />
      ))}
      {places.length > 0 && (
        <section aria-label="Places">
          <h2 className="text-title">Places where readings disagree</h2>
          <ul>
            {places.map((place) => (
              <OnePlace key={`${place.where.part} ${place.where.place}`} place={place} />
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

function OnePlace({ place: { where, doubts } }: { place: DoubtfulPlace }) {
  return (
    <li className="flex gap-4 border-b border-line py-3">
      <VerdictMark verdict={{ mark: 'in-doubt', side: '' }} size={32} word="in doubt" />
      <div className="grow">
        <Link
          to={`/parts/${where.part}/features/${where.feature}?place=${where.place}`}
          className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
        >
          {where.path}
        </Link>
        {doubts.map((doubt) => (
          <p key={doubt.sentence}>
            {tied(doubt.sentence)} <span className="text-quiet">{doubt.settle}</span>
          </p>
        ))}
      </div>
    </li>
  );
}
