import { memo } from 'react';
import { useTakeAxis } from '../api/acts';
import { baseOf, factorFor, farthest, limitsOf } from '../drawings/magnified';
import { RADIUS, REACH, RoundPicture } from '../drawings/RoundPicture';
import { SidePicture } from '../drawings/SidePicture';
import { Button } from '../ui/Button';
import { Key } from '../ui/Key';
import { tied } from '../ui/tied';
import type { Measuring } from './useMeasuring';

/** The axis that is offered because two crossed ones cannot see an oval between them; nothing where none is. */
export function useThirdAxis({ sheet, round, person }: Measuring) {
  const take = useTakeAxis();
  const offered = round.form?.thirdAxis;
  return {
    offered,
    failure: take.error,
    take: () => {
      if (offered && person !== undefined && !take.isPending) {
        const { degrees, sections } = offered;
        take.mutate({ part: sheet.part.id, feature: sheet.feature.id, degrees, sections });
      }
    },
  };
}

interface ThirdAxisProps {
  third: ReturnType<typeof useThirdAxis>;
  /** The key that takes the axis; empty where letters are off. */
  takes: string;
}

export function ThirdAxis({ third, takes }: ThirdAxisProps) {
  const { offered, failure, take } = third;
  return (
    offered && (
      <section aria-label="A third axis" className="border-l-4 border-now pl-3">
        <p className="font-medium">{tied(offered.sentence)}</p>
        <Button onClick={take} className="mt-2">
          {takes !== '' && <Key>{takes.toUpperCase()}</Key>} Take {offered.degrees}°
        </Button>
        {failure && (
          <p role="alert" className="font-semibold">
            {failure.message}
          </p>
        )}
      </section>
    )
  );
}

type FormHereProps = Pick<Measuring, 'sheet' | 'round' | 'place'>;

/** The section at hand as it draws itself while readings come; of a feature across one axis its walls. */
export const FormHere = memo(function FormHere({ sheet, round, place }: FormHereProps) {
  const { form } = round;
  if (!form) {
    return null;
  }
  const drawn = limitsOf(sheet.feature);
  const sizes = form.walls.flatMap(({ points }) => points.map(({ size }) => size.pm));
  const base = baseOf(drawn, sizes);
  const factor = factorFor(farthest(base, drawn, sizes) / 2, RADIUS / (base / 2), REACH);
  const level = form.levels.find(({ name }) => name === place.section);
  const wall = form.walls.find(({ axis }) => axis === place.axis) ?? form.walls[0];
  const shared = { limits: drawn, base, factor, hollow: form.hollow, lit: place.id };
  const around = form.round && level !== undefined && level.points.length > 1;
  return (
    <section aria-label="Its form so far" className="border-t-2 border-line pt-2">
      {around ? (
        <figure>
          <RoundPicture level={level} {...shared} />
          <figcaption className="text-label">{tied(level.sentence)}</figcaption>
        </figure>
      ) : (
        wall &&
        wall.points.length > 1 && (
          <figure>
            <SidePicture
              wall={wall}
              bands={form.bands}
              lengthPm={form.lengthPm ?? undefined}
              {...shared}
            />
            <figcaption className="text-label">{tied(wall.sentence)}</figcaption>
          </figure>
        )
      )}
    </section>
  );
});
