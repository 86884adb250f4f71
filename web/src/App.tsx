import { lazy, Suspense, useEffect, useState } from 'react';
import { Route, Routes } from 'react-router';
import { ASK_AGAIN_MS } from './api/outbox';
import { BenchScreen } from './bench/BenchScreen';
import { JudgementScreen } from './judgement/JudgementScreen';
import { MeasureScreen } from './measure/MeasureScreen';
import { ReadyScreen } from './ready/ReadyScreen';
import { ServerAwayNotice } from './ui/Notice';
import { Shell } from './ui/Shell';

const again = () => new Promise((tell) => setTimeout(tell, ASK_AGAIN_MS)).then(fetchBeside);

/** Asked for until it is here. */
const fetchBeside = (): Promise<typeof import('./Beside')> => import('./Beside').catch(again);

const Beside = lazy(fetchBeside);

/**
 * Every view is a link, and a link opens what it shows. The walk is here at once; the pages beside it are fetched as soon as
 * the first one stands, so that going to one of them waits for nothing, with the server or without it.
 */
export function App() {
  useEffect(() => void fetchBeside(), []);
  return (
    <Suspense fallback={<Fetching />}>
      <Routes>
        <Route path="/" element={<BenchScreen />} />
        <Route path="/parts/:part/features/:feature" element={<MeasureScreen />} />
        <Route path="/parts/:part/judgement" element={<JudgementScreen />} />
        <Route path="/parts/:part/ready" element={<ReadyScreen />} />
        <Route path="*" element={<Beside />} />
      </Routes>
    </Suspense>
  );
}

/** A page on its way. One that takes longer has met a server that does not answer. */
function Fetching() {
  const [isLate, setLate] = useState(false);
  useEffect(() => {
    const late = setTimeout(() => setLate(true), ASK_AGAIN_MS);
    return () => clearTimeout(late);
  }, []);
  return <Shell title="One moment">{isLate && <ServerAwayNotice />}</Shell>;
}
