import type { Schemas } from '../api/client';
import { useClasses, useFit } from '../api/card';
import { useShop } from '../api/queries';
import { FitZones } from '../drawings/FitZones';
import { refusedAt } from '../ui/refusedAt';
import { Size } from '../ui/Size';
import { tied } from '../ui/tied';
import { answerOf } from './answer';
import { ByLetter } from './ByLetter';
import { CardField } from './CardField';
import { CardPage } from './CardPage';
import { sizeIn } from './sizeIn';
import { useTyped } from './useTyped';

/** A size with its classes: both zones, what lies between them, and what two measured parts make. */
export function FitPart() {
  const unit = useShop().data?.unit ?? 'mm';
  const classes = useClasses().data;
  const [{ text, hole, shaft }, change] = useTyped({ text: '40 H7/g6', hole: '', shaft: '' });
  const fit = useFit({ text, hole, shaft, unit });
  const { failure, found, now } = answerOf(fit, text.trim() !== '');
  // Before the answer is there: what stands in the field but for its classes.
  const size = now?.size ?? sizeIn(text);
  const written = [found?.hole, found?.shaft]
    .flatMap((zone) => (zone ? [`${zone.letter}${zone.grade}`] : []))
    .join('/');
  return (
    <CardPage part="fits" take={(now?.hole ?? now?.shaft)?.limits}>
      <div className="grid gap-5 bench:grid-cols-[22rem_minmax(0,1fr)]">
        <section aria-label="The fit" className="flex flex-col gap-3">
          <CardField
            first
            label={`Size and classes, ${unit}`}
            value={text}
            hint="40 H7/g6, 25 k6, 40"
            refused={refusedAt(failure, 'text')}
            onType={(typed) => change({ text: typed })}
          />
          {classes && found && (
            <ByLetter
              classes={classes}
              size={size}
              text={text}
              hole={found.hole}
              shaft={found.shaft}
              onText={(typed) => change({ text: typed })}
            />
          )}
          <div className="grid grid-cols-2 gap-3">
            <CardField
              label="Hole, measured"
              value={hole}
              hint="none"
              refused={refusedAt(failure, 'hole')}
              onType={(typed) => change({ hole: typed })}
            />
            <CardField
              label="Shaft, measured"
              value={shaft}
              hint="none"
              refused={refusedAt(failure, 'shaft')}
              onType={(typed) => change({ shaft: typed })}
            />
          </div>
          {found && <General general={found.general} />}
        </section>
        <div className="flex flex-col gap-4">
          {found && <Found fit={found} />}
          {classes && (
            <section aria-labelledby="usual">
              <h2 id="usual" className="border-b-2 border-ink pb-1 text-body font-semibold">
                The usual ones
              </h2>
              <ul className="grid gap-x-6 tablet:grid-cols-2">
                {classes.usual.map(({ classes: name, word, use }) => (
                  <li key={name} className="border-b border-line">
                    <button
                      type="button"
                      aria-pressed={written === name}
                      onClick={() => change({ text: `${size || '40'} ${name}` })}
                      className={`grid min-h-11 w-full grid-cols-[6rem_minmax(0,1fr)] items-baseline gap-3 py-1 text-left ${
                        written === name ? 'font-semibold' : ''
                      }`}
                    >
                      <span className="reading">{name}</span>
                      <span className="text-label">
                        {word}: <span className="text-quiet">{use}</span>
                      </span>
                    </button>
                  </li>
                ))}
              </ul>
            </section>
          )}
        </div>
      </div>
    </CardPage>
  );
}

function Found({ fit }: { fit: Schemas['FitView'] }) {
  return (
    <section aria-label="What it comes to" aria-live="polite" className="flex flex-col gap-3">
      <p className="text-title font-semibold">{tied(fit.sentence)}</p>
      {fit.measured && (
        <p className="border-l-4 border-ink pl-3 font-semibold">{tied(fit.measured.sentence)}</p>
      )}
      <div className="flex flex-col gap-4">
        {(fit.hole || fit.shaft) && (
          <div className="border-2 border-line bg-panel p-2">
            <FitZones
              nominal={fit.nominal}
              hole={fit.hole ?? undefined}
              shaft={fit.shaft ?? undefined}
              label={[fit.hole?.sentence, fit.shaft?.sentence, fit.gap?.sentence]
                .filter(Boolean)
                .join(' ')}
            />
          </div>
        )}
        <div className="grid gap-x-6 gap-y-3 tablet:grid-cols-2">
          {fit.hole && <Zone zone={fit.hole} name="Hole" />}
          {fit.shaft && <Zone zone={fit.shaft} name="Shaft" />}
          {fit.remarks.map((remark) => (
            <p key={remark} className="text-label text-quiet">
              {remark}
            </p>
          ))}
        </div>
      </div>
    </section>
  );
}

function Zone({ zone, name }: { zone: Schemas['ZoneView']; name: string }) {
  return (
    <div className="border-t-2 border-ink pt-1">
      <p className="label">
        {name} {zone.letter}
        {zone.grade}
      </p>
      <p>
        <Size length={zone.high} />
      </p>
      <p>
        <Size length={zone.low} />
      </p>
      {zone.told && <p className="text-label font-semibold">{zone.told}</p>}
    </div>
  );
}

function General({ general }: { general: Schemas['GeneralView'][] }) {
  return (
    <section aria-labelledby="general">
      <h2 id="general" className="border-b-2 border-ink pb-1 text-body font-semibold">
        Where no tolerance is said
      </h2>
      <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1 py-2">
        {general.map(({ name, plusMinus }) => (
          <div key={name} className="contents">
            <dt className="text-label">{name}</dt>
            <dd>
              {plusMinus ? (
                <>
                  ± <Size length={plusMinus} />
                </>
              ) : (
                <span className="text-quiet">none at this size</span>
              )}
            </dd>
          </div>
        ))}
      </dl>
      <p className="text-label text-quiet">ISO 2768-1, linear sizes.</p>
    </section>
  );
}
