import { useMemo } from 'react';
import { Link } from 'react-router';
import { useTick } from '../api/planning';
import { useCautions } from '../api/queries';
import { PartSection } from '../drawings/PartSection';
import { VerdictMark } from '../drawings/VerdictMark';
import { CautionCard } from '../ui/CautionCard';
import { Places } from './Places';
import type { Measuring } from './useMeasuring';

/** The figure of the part with the place at hand, and the ways to another feature or part. */
export function Where({ measuring }: { measuring: Measuring }) {
  const { sheet, place, pathTo } = measuring;
  const cautions = useCautions(sheet.job.id).data ?? [];
  const tick = useTick();
  // The same as long as no verdict among them changes: what is not drawn anew is not in the way of the next reading.
  const drawn = useMemo(
    () => sheet.features.map((feature) => ({ ...feature, key: String(feature.id) })),
    [sheet.features],
  );
  return (
    <section aria-label="Where" className="order-3 flex flex-col gap-4 bench:order-none">
      <PartSection
        shape={sheet.shape}
        features={drawn}
        lit={String(sheet.feature.id)}
        depthPm={sheet.feature.places.find(({ id }) => id === place.id)?.depth?.pm}
      />
      <Places measuring={measuring} />
      <nav aria-label="Features">
        <h2 className="label">Features</h2>
        <ul>
          {sheet.features.map((feature) => (
            <Row
              key={feature.id}
              to={pathTo(sheet.part.id, feature.id)}
              here={feature.id === sheet.feature.id}
              name={feature.name}
              verdict={feature.verdict}
            />
          ))}
        </ul>
      </nav>
      <nav aria-label="Parts">
        <h2 className="label">Parts</h2>
        <ul>
          {sheet.parts.map((part) => (
            <Row
              key={part.id}
              to={pathTo(part.id, sheet.feature.id)}
              here={part.id === sheet.part.id}
              name={part.name}
              verdict={part.verdict}
            />
          ))}
        </ul>
      </nav>
      {cautions.slice(0, 1).map((caution) => (
        <CautionCard
          key={caution.code}
          caution={caution}
          onTick={() => tick.mutate({ job: sheet.job.id, caution: caution.code })}
        />
      ))}
    </section>
  );
}

interface RowProps {
  to: string;
  here: boolean;
  name: string;
  verdict: { mark: string; side: string; word: string };
}

function Row({ to, here, name, verdict }: RowProps) {
  return (
    <li>
      <Link
        to={to}
        aria-current={here ? 'page' : undefined}
        className={`flex min-h-12 items-center gap-3 border-b border-line px-2 ${
          here ? 'bg-panel font-bold' : 'hover:bg-panel'
        }`}
      >
        <span className="grow">{name}</span>
        <VerdictMark verdict={verdict} size={24} word={verdict.word} />
      </Link>
    </li>
  );
}
