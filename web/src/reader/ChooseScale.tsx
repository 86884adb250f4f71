import { Link } from 'react-router';
import type { Scale } from '../api/client';
import { useScales } from '../api/queries';
import { Face } from '../drawings/Face';
import { scaleSum, stepOf } from '../drawings/scaleSum';
import { ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';

/** The groups in which faces are looked for, by what they stand on. */
const GROUPS: { title: string; kinds: string[] }[] = [
  { title: 'Outside and inside micrometers', kinds: ['mic', 'inside'] },
  { title: 'Slides with a vernier', kinds: ['vernier'] },
  { title: 'Slides with a dial', kinds: ['dial'] },
  { title: 'Depth micrometers: figures run the other way', kinds: ['depth'] },
  { title: 'Bores', kinds: ['bore-dial', 'bore3'] },
  { title: 'Stage, display, rule, feelers', kinds: ['stage', 'digital', 'rule', 'feeler'] },
];

/** Every scale by a picture of its face. */
export function ChooseScale() {
  const scales = useScales();
  return (
    <Shell title="Read a scale" head={<h1 className="text-body font-semibold">Read a scale</h1>}>
      <div className="mx-auto flex w-full max-w-7xl flex-col gap-8 p-4 tablet:p-6">
        <p className="text-title font-semibold text-now">Which of these is in your hand?</p>
        {scales.data &&
          GROUPS.map(({ title, kinds }) => (
            <section key={title} aria-label={title}>
              <h2 className="mb-3 border-b-2 border-line pb-1 text-body">{title}</h2>
              <ul className="grid grid-cols-1 gap-3 tablet:grid-cols-3 bench:grid-cols-4">
                {scales.data
                  .filter(({ kind }) => kinds.includes(kind))
                  .map((scale) => (
                    <li key={scale.id}>
                      <FaceCard scale={scale} />
                    </li>
                  ))}
              </ul>
            </section>
          ))}
        {scales.isPending && scales.failureCount > 0 && <ServerAwayNotice />}
      </div>
    </Shell>
  );
}

/** A setting at which a face shows what is its own. */
const TELLING: Record<string, Record<string, number>> = {
  vernier: { main: 14, line: 5 },
  dial: { beam: 13, dial: 31 },
  thimble: { sleeve: 17, thimble: 12, vernier: 3 },
  comparator: { needle: -8 },
  digits: { shown: 1.25 },
  rule: { mark: 83 },
  feeler: { '0.1': 1, '0.3': 1, '0.01': 1, '0.025': 1 },
};

function FaceCard({ scale }: { scale: Scale }) {
  const sum = scaleSum(scale);
  const step = stepOf(sum, TELLING[scale.family] ?? {});
  return (
    <Link
      to={`/read/${scale.id}`}
      className="flex h-full flex-col border-2 border-line bg-panel hover:border-quiet"
    >
      <Face sum={sum} at={{ step, sense: 1 }} narrow />
      <span className="border-t-2 border-line px-3 py-2 text-label font-semibold">
        {scale.name}
      </span>
    </Link>
  );
}
