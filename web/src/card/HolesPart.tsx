import { useCentres } from '../api/card';
import { useShop } from '../api/queries';
import { CentresFigure } from '../drawings/CentresFigure';
import { Choice } from '../ui/Choice';
import { refusedAt } from '../ui/refusedAt';
import { tied } from '../ui/tied';
import { answerOf } from './answer';
import { CardField } from './CardField';
import { CardPage } from './CardPage';
import { useTyped } from './useTyped';

const WAYS: Record<string, string> = {
  equal: 'two equal holes or pins',
  holes: 'two holes of other sizes',
  pins: 'two pins of other sizes',
  zeros: 'two positions of a stage',
};

/** The figures of each way, in the order of its formula. */
const FIGURES: Record<string, readonly (readonly [name: string, label: string, hint: string])[]> = {
  equal: [
    ['a', 'A, over the outer edges', '50.02'],
    ['b', 'B, between the inner edges', '29.98'],
  ],
  holes: [
    ['b', 'B, between the near edges', '29.98'],
    ['d1', 'First diameter', '10.01'],
    ['d2', 'Second diameter', '12.02'],
  ],
  pins: [
    ['a', 'A, over the far edges', '50.02'],
    ['d1', 'First diameter', '10.00'],
    ['d2', 'Second diameter', '12.00'],
  ],
  zeros: [
    ['a', 'A, at the first', '12.35'],
    ['b', 'B, at the second', '52.37'],
  ],
};

/** How far two centres are apart, which no gauge can be laid on. */
export function HolesPart() {
  const unit = useShop().data?.unit ?? 'mm';
  const [typed, change] = useTyped({ kind: 'equal', a: '', b: '', d1: '', d2: '' });
  const fields = FIGURES[typed.kind] ?? [];
  const figures = fields.map(([name]) => typed[name as 'a' | 'b' | 'd1' | 'd2']);
  const centres = useCentres({ unit, kind: typed.kind, figures });
  const isAsked = figures.length > 0 && figures.every((text) => text.trim() !== '');
  const { failure, found, now } = answerOf(centres, isAsked);
  const refused = isAsked ? refusedAt(failure, 'figures', 'kind') : undefined;
  return (
    <CardPage part="holes" take={now?.distance.text}>
      <div className="grid gap-5 bench:grid-cols-[22rem_minmax(0,1fr)]">
        <section aria-label="Measured" className="flex flex-col gap-3">
          <Choice
            label="Measured are"
            value={typed.kind}
            choices={WAYS}
            onChoose={(kind) => change({ kind })}
          />
          {fields.map(([name, label, hint], i) => (
            <CardField
              key={typed.kind + name}
              first={i === 0}
              label={`${label}, ${unit}`}
              value={figures[i] ?? ''}
              hint={hint}
              onType={(text) => change({ [name]: text })}
            />
          ))}
          {refused && (
            <p role="alert" className="border-l-4 border-ink pl-2 font-semibold">
              {refused}
            </p>
          )}
        </section>
        <section aria-label="The distance" aria-live="polite" className="flex flex-col gap-3">
          {found ? (
            <>
              <p className="reading text-order">
                {found.distance.text} {found.distance.unit}
              </p>
              <p>
                {tied(found.sentence)} <span className="text-quiet">{found.formula}</span>
              </p>
            </>
          ) : (
            <p className="text-quiet">
              Nothing can be laid on a centre: measure from edges, and the centres follow.
              {typed.kind === 'equal' &&
                ' Of two equal holes the diameter drops out: over the outer edges and between the inner ones is enough.'}
            </p>
          )}
          <div className="border-2 border-line bg-panel p-3">
            <CentresFigure kind={typed.kind} />
          </div>
        </section>
      </div>
    </CardPage>
  );
}
