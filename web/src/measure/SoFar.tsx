import { memo } from 'react';
import type { Verdict } from '../api/client';
import { toneOf, VerdictMark } from '../drawings/VerdictMark';
import { isGuardSeen, WindowPicture } from '../drawings/WindowPicture';
import { standing } from '../api/keepReading';
import { tied } from '../ui/tied';
import type { Measuring } from './useMeasuring';

/** What is shown of the place at hand: the same as long as the server says the same, and then not drawn anew. */
type Here = Pick<Measuring, 'sheet' | 'place'>;

type ToCut = NonNullable<Verdict['cut']>;

/** The verdict of the place: its word and mark, the size it rests on, what to take off. */
export const VerdictHere = memo(function VerdictHere({ place }: Pick<Measuring, 'place'>) {
  const { verdict, state } = place;
  // Readings that lie too far apart say so here, too: what they come to is said after it.
  const apart = state === 'scattered';
  return (
    <div>
      {apart && (
        <div className="mb-2 flex items-center justify-between gap-4">
          <p className="text-order font-bold">too far apart</p>
          <VerdictMark verdict={{ mark: state, side: '' }} size={48} word="too far apart" />
        </div>
      )}
      <div className="flex items-center justify-between gap-4">
        <p className={`font-bold ${apart ? 'text-title' : 'text-order'} ${toneOf(verdict.mark)}`}>
          {apart && 'as they stand: '}
          {verdict.word}
        </p>
        <VerdictMark verdict={verdict} size={48} />
      </div>
      {place.known && (
        <p>
          <span className="reading text-title">{place.known}</span>
          <span className="block text-quiet">{place.value?.other}</span>
        </p>
      )}
      <p className="mt-1 font-medium">{tied(verdict.sentence)}</p>
      {verdict.cut && <p className="text-label text-quiet">{inTheOther(verdict.cut)}</p>}
      {place.risk && <p className="text-label text-quiet">{place.risk}</p>}
    </div>
  );
});

/** The cut in the other unit, for a machine that reads it. */
const inTheOther = ({ near, middle, sideMiddle, sideNear }: ToCut): string =>
  middle
    ? `${middle.other}${sideMiddle ? ` (${sideMiddle.other} a side)` : ''}, ${near.other} at least`
    : `${near.other}${sideNear ? ` (${sideNear.other} a side)` : ''} at least`;

/** The value between its limits, with the readings it was made from. */
export const WindowHere = memo(function WindowHere({ sheet, place }: Here) {
  const { limits, service, reworked } = sheet.feature;
  const window = {
    limits,
    readings: standing(place.readings).map(({ size }) => size),
    value: place.value ?? undefined,
    expanded: place.expanded,
    guardPm: place.guardPm,
    service,
  };
  return (
    <figure>
      <WindowPicture {...window} />
      <figcaption className="label">
        {reworked && <strong>At {reworked.text}. </strong>}Limits {tied(limits.sentence)}
        {service && `, service ${service.text} ${service.unit} (${service.other})`}
        {sheet.job.limitsSource && `, from ${sheet.job.limitsSource}`}
        {isGuardSeen(window) && '. Dotted: too near a limit to tell'}
      </figcaption>
    </figure>
  );
});

/** Each round with its size, and what the cut before it was asked to take and took. */
export const Rounds = memo(function Rounds({ sheet, place }: Here) {
  if (sheet.rounds.length < 2) {
    return null;
  }
  return (
    <section aria-label="Rounds" className="border-t-2 border-line pt-2">
      <ol>
        {sheet.rounds.map((round) => {
          const here = round.places.find(({ id }) => id === place.id);
          return (
            <li key={round.number} className="border-b border-line py-2">
              <div className="flex items-center justify-between gap-2">
                <span className="font-semibold">{round.name}</span>
                <span className="reading">
                  {here?.value
                    ? `${here.value.text} ${here.value.unit}`
                    : (here?.verdict.word ?? '')}
                </span>
              </div>
              {round.cut && <p>{tied(round.cut.sentence)}</p>}
            </li>
          );
        })}
      </ol>
    </section>
  );
});
