import { counted } from '../ui/counted';
import { Link } from 'react-router';
import type { JudgedPlace } from '../api/client';
import { VerdictMark } from '../drawings/VerdictMark';
import { Contributions } from '../ui/Contributions';
import { momentSaid } from '../ui/days';
import { tied } from '../ui/tied';

interface PlacesJudgedProps {
  places: JudgedPlace[];
  /** Where the feature is measured. */
  to: string;
  lit: number | undefined;
  onLight: (place: number | undefined) => void;
}

/** The places of a feature; of each the readings, what is known of it, and the rule that fired. */
export function PlacesJudged({ places, to, lit, onLight }: PlacesJudgedProps) {
  return (
    <details open className="group print-open mt-2">
      <summary className="min-h-11 cursor-pointer py-2 text-label text-quiet print:hidden">
        {places.length === 1 ? 'Its place' : `Its ${places.length} places`}, readings, and what is
        known of them
      </summary>
      <ul>
        {places.map((at) => (
          <AtPlace
            key={at.place.id}
            judged={at}
            isLit={lit === at.place.id}
            onLight={onLight}
            to={`${to}?place=${at.place.id}`}
          />
        ))}
      </ul>
    </details>
  );
}

interface AtPlaceProps {
  judged: JudgedPlace;
  to: string;
  /** Whether it is pointed at, here or in a picture. */
  isLit: boolean;
  onLight: (place: number | undefined) => void;
}

function AtPlace({ judged: { place, known, rule }, to, isLit, onLight }: AtPlaceProps) {
  return (
    <li
      className={`border-t border-line py-2 ${isLit ? 'border-l-8 border-l-now pl-3' : ''}`}
      onPointerEnter={() => onLight(place.id)}
      onPointerLeave={() => onLight(undefined)}
      onFocus={() => onLight(place.id)}
      onBlur={() => onLight(undefined)}
    >
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <VerdictMark verdict={place.verdict} size={24} />
        <Link
          to={to}
          className="min-w-32 font-semibold underline decoration-line underline-offset-4"
        >
          {place.name}
        </Link>
        <span className="reading text-title">{place.known ?? place.verdict.word}</span>
        {place.value && <span className="text-quiet">{place.value.other}</span>}
        {place.known && <span>{place.verdict.word}</span>}
        {place.risk && <span className="text-label text-quiet">{place.risk}</span>}
      </div>
      {place.doubts.map(({ sentence }) => (
        <p key={sentence} className="border-l-4 border-ink pl-3">
          {tied(sentence)}
        </p>
      ))}
      {place.skip && (
        <p className="font-semibold">
          Passed over by {place.skip.person}: {place.skip.reason}
        </p>
      )}
      {place.notes.map((said) => (
        <p key={said.at}>
          {said.reason} <span className="text-quiet">{said.person}</span>
        </p>
      ))}
      {(place.readings.length > 0 || known) && (
        <details className="text-label">
          <summary className="min-h-8 cursor-pointer py-1 text-quiet print:hidden">
            {counted(place.readings.length, 'reading')}, {place.repeats || 'nothing to compare'}
            {rule && '; the rule, and what U comes of'}
          </summary>
          <ul>
            {place.readings.map((reading) => (
              <li key={reading.id} className="py-0.5">
                <span
                  className={`reading mr-3 text-body ${reading.struck ? 'line-through decoration-2' : ''}`}
                >
                  {reading.size.text} {reading.size.unit}
                </span>
                {reading.person}, {reading.gauge}, {momentSaid(reading.takenAt)}
                {reading.struck && ` · struck: ${reading.struck.reason}`}
                {reading.remark && ` · ${reading.remark}`}
              </li>
            ))}
          </ul>
          {rule && <p className="mt-1 font-medium">{rule}</p>}
          {known && <Contributions uncertainty={known} />}
        </details>
      )}
    </li>
  );
}
