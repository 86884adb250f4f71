import type { Schemas } from '../api/client';
import { useInch, useSmall } from '../api/card';
import { useShop } from '../api/queries';
import { DrawnInch } from '../drawings/DrawnInch';
import { Choice } from '../ui/Choice';
import { UNITS } from '../ui/labels';
import { refusedAt } from '../ui/refusedAt';
import { tied } from '../ui/tied';
import { answerOf } from './answer';
import { CardField } from './CardField';
import { CardPage } from './CardPage';
import { useTyped } from './useTyped';

/** Fractions, decimal inches and millimetres, any typed into one field. */
export function InchPart() {
  const shop = useShop().data;
  return shop ? <Inch unit={shop.unit} /> : <CardPage part="inch">{null}</CardPage>;
}

function Inch({ unit: first }: { unit: string }) {
  const [{ text, unit }, change] = useTyped({ text: '17/32', unit: first });
  const inch = useInch({ text, unit });
  const { failure, found, now } = answerOf(inch, text.trim() !== '');
  return (
    <CardPage part="inch" take={unit === 'in' ? now?.meant.inches : now?.meant.millimetres}>
      <div className="grid gap-5 bench:grid-cols-[22rem_minmax(0,1fr)]">
        <section aria-label="A size" className="flex flex-col gap-3">
          <CardField
            first
            label="A fraction, a decimal, millimetres"
            value={text}
            hint="17/32, 0.53125, 13.49375 mm"
            refused={refusedAt(failure, 'text')}
            means={found?.meant.sentence}
            onType={(typed) => change({ text: typed })}
          />
          <Choice
            label="A figure without a unit is in"
            value={unit}
            choices={UNITS}
            onChoose={(to) => change({ unit: to })}
          />
          {found?.other && (
            <p className="text-label text-quiet">
              Were it {unit === 'in' ? 'millimetres' : 'inches'}: {tied(found.other.sentence)}
            </p>
          )}
        </section>
        {found && <Meaning meant={found.meant} />}
      </div>
      <Small unit={unit} />
    </CardPage>
  );
}

function Meaning({ meant }: { meant: Schemas['SameSizeView'] }) {
  const figures = [
    ['millimetres', meant.millimetres],
    [meant.isRounded ? 'inches, rounded' : 'inches', meant.inches],
    ['thou', meant.thou],
  ] as const;
  return (
    <section aria-label="The same size" aria-live="polite" className="flex flex-col gap-4">
      <dl className="grid gap-x-6 gap-y-3 tablet:grid-cols-3">
        {figures.map(([name, figure]) => (
          <div key={name} className="border-t-2 border-ink pt-1">
            <dt className="label">{name}</dt>
            <dd className="reading text-order">{figure}</dd>
          </div>
        ))}
      </dl>
      <div className="grid gap-x-6 gap-y-3 tablet:grid-cols-2">
        {[meant.sixtyFourth, meant.hundredTwentyEighth].map(({ text, sentence }, i) => (
          <div key={i} className="border-t-2 border-line pt-1">
            <p className="label">{i === 0 ? 'nearest 64th' : 'nearest 128th'}</p>
            <p className="reading text-title">{text} in</p>
            <p className="text-label text-quiet">{tied(sentence)}</p>
          </div>
        ))}
      </div>
      <div className="border-2 border-line bg-panel p-3">
        <DrawnInch
          pm={meant.pm}
          nearest={meant.sixtyFourth.pm}
          label={`${meant.inches} in on a rule: ${meant.sixtyFourth.sentence}`}
        />
      </div>
    </section>
  );
}

/** Each bar as long as its length, two thousand times larger. */
function Small({ unit }: { unit: string }) {
  const all = useSmall(unit).data;
  const most = Math.max(...(all ?? []).map(({ size }) => size.pm));
  return (
    <section aria-labelledby="small" className="border-2 border-line bg-panel p-4">
      <h2 id="small" className="text-body font-semibold">
        How small small is
      </h2>
      <ul className="mt-2 grid gap-1">
        {all?.map(({ name, size, about }) => (
          <li
            key={name}
            className="grid items-center gap-x-4 tablet:grid-cols-[16rem_15rem_minmax(0,1fr)]"
          >
            <span>{name}</span>
            <span className="text-label">
              {about && 'about '}
              <span className="reading">
                {size.text} {size.unit}
              </span>{' '}
              <span className="text-quiet">{size.other}</span>
            </span>
            <span
              aria-hidden="true"
              className="block h-4 border-2 border-ink bg-metal"
              style={{ width: `${(100 * size.pm) / most}%` }}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
