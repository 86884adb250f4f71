import { useState } from 'react';
import { useLobes } from '../api/card';
import { useShop } from '../api/queries';
import { LobedRound } from '../drawings/LobedRound';
import { refusedAt } from '../ui/refusedAt';
import { tied } from '../ui/tied';
import { answerOf } from './answer';
import { CardField } from './CardField';
import { CardPage } from './CardPage';
import { useTyped } from './useTyped';

/** Odd lobes over a V-block: how high they are, and which cannot be seen in it. */
export function LobesPart() {
  const unit = useShop().data?.unit ?? 'mm';
  const [typed, change] = useTyped({ lobes: '3', angle: '90', spread: '' });
  const [turned, turn] = useState(0);
  const asked = useLobes({ unit, ...typed });
  const { failure, found, now } = answerOf(
    asked,
    [typed.lobes, typed.angle].every((text) => text.trim() !== ''),
  );
  const field = (
    name: 'lobes' | 'angle' | 'spread',
    label: string,
    hint: string,
    first = false,
  ) => (
    <CardField
      first={first}
      label={label}
      value={typed[name]}
      hint={hint}
      refused={refusedAt(failure, name)}
      onType={(text) => change({ [name]: text })}
    />
  );
  return (
    <CardPage part="v-block" take={now?.height?.text}>
      <div className="grid gap-5 bench:grid-cols-[22rem_minmax(0,1fr)]">
        <section aria-label="The check" className="flex flex-col gap-3">
          {field('lobes', 'Lobes', '3', true)}
          {field('angle', 'Angle of the V, °', '90')}
          {field(
            'spread',
            `Indicator, largest minus smallest in one turn, ${unit}`,
            unit === 'in' ? '0.0002' : '0.006',
          )}
          <p className="text-label text-quiet">
            Two contacts across a round measure the same all around, however three or five lobes
            stand. A bore from a three-jaw chuck and a pin from a centreless grinder may have them.
          </p>
        </section>
        {found && (
          <section aria-label="What it shows" aria-live="polite" className="flex flex-col gap-4">
            <p className="text-title font-semibold">{tied(found.sentence)}</p>
            <div className="grid gap-5 tablet:grid-cols-[minmax(0,1fr)_16rem]">
              <div className="border-2 border-line bg-panel p-3">
                <LobedRound
                  lobes={found.lobes}
                  angle={found.angle}
                  turned={turned}
                  label={`${found.lobes} lobes in a V of ${found.angle}°, turned by ${turned}°: the indicator shows the lobes ${found.factor} times`}
                />
                <label className="mt-2 block">
                  <span className="label block">Turn the part, {turned}°</span>
                  <input
                    type="range"
                    min="0"
                    max="360"
                    step="1"
                    value={turned}
                    onChange={(event) => turn(Number(event.target.value))}
                    className="min-h-11 w-full"
                  />
                </label>
              </div>
              <table className="w-full border-collapse self-start text-left">
                <thead>
                  <tr className="label border-b-2 border-ink">
                    <th className="py-1 font-normal">Lobes</th>
                    <th className="text-right font-normal">shown</th>
                    <th className="pl-3 font-normal">in this V</th>
                  </tr>
                </thead>
                <tbody>
                  {found.all.map(({ lobes, factor, isSeen }) => (
                    <tr
                      key={lobes}
                      className={`border-b border-line ${lobes === found.lobes ? 'font-bold' : ''}`}
                    >
                      <td>{lobes}</td>
                      <td className="reading text-right">× {factor}</td>
                      <td className="pl-3 text-label">{isSeen ? '' : 'not seen'}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          </section>
        )}
      </div>
    </CardPage>
  );
}
