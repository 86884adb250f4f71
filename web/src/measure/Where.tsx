import { memo, useMemo } from 'react';
import { useTick } from '../api/planning';
import { useCautions } from '../api/queries';
import { PartSection } from '../drawings/PartSection';
import { CautionCard } from '../ui/CautionCard';
import { VerdictRow } from '../ui/VerdictRow';
import { Places } from './Places';
import type { Measuring } from './useMeasuring';

type WhereProps = Pick<Measuring, 'sheet' | 'round' | 'place' | 'pathTo' | 'goToPlace'>;

/** The figure of the part with the place at hand, and the ways to another feature or part. */
export const Where = memo(function Where({ sheet, round, place, pathTo, goToPlace }: WhereProps) {
  const cautions = useCautions(sheet.job.id).data ?? [];
  const tick = useTick();
  // The same as long as no verdict among them changes: what is not drawn anew is not in the way of the next reading.
  const drawn = useMemo(
    () => sheet.features.map((feature) => ({ ...feature, key: String(feature.id) })),
    [sheet.features],
  );
  return (
    <section aria-label="Where" className="order-3 isolate flex flex-col gap-4 bench:order-none">
      <PartSection
        shape={sheet.shape}
        features={drawn}
        lit={String(sheet.feature.id)}
        depthPm={place.depthPm ?? undefined}
      />
      <Places round={round} place={place} goToPlace={goToPlace} />
      <nav aria-label="Features">
        <h2 className="label">Features</h2>
        <ul>
          {sheet.features.map((feature) => (
            <VerdictRow
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
            <VerdictRow
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
});
