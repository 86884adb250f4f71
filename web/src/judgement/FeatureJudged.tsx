import { useState } from 'react';
import { Link } from 'react-router';
import { type Feature, type JudgedFeature, type JudgedPlace, pathToOverTime } from '../api/client';
import { toneOf, VerdictMark } from '../drawings/VerdictMark';
import { WindowPicture } from '../drawings/WindowPicture';
import { Contributions } from '../ui/Contributions';
import { momentSaid } from '../ui/days';
import { FormJudged } from './FormJudged';
import { MethodsJudged } from './MethodsJudged';

interface FeatureJudgedProps {
  judged: JudgedFeature;
  /** As it is drawn; there whenever it was judged. */
  feature: Feature | undefined;
  part: number;
  /** Whether its places stand open at first. */
  open: boolean;
}

/** A feature: its verdict, and one step away its places; of each the readings, what is known of it, and the rule that fired. */
export function FeatureJudged({ judged, feature, part, open }: FeatureJudgedProps) {
  const { verdict, places, form, methods } = judged;
  const [lit, setLit] = useState<number | undefined>();
  // Of a part with many bores the places of most are never opened.
  const [listed, setListed] = useState(open);
  if (feature === undefined) {
    return null;
  }
  const { limits, service } = feature;
  const deciding = places.find(({ place }) => place.id === judged.deciding)?.place;
  return (
    <article
      aria-labelledby={`feature-${feature.id}`}
      className="break-inside-avoid border-2 border-line bg-panel p-4"
    >
      <header className="grid gap-x-5 gap-y-1 tablet:grid-cols-[auto_minmax(0,1fr)_18rem]">
        <VerdictMark verdict={verdict} size={40} />
        <div>
          <h2 id={`feature-${feature.id}`} className="text-title">
            {feature.name}: <span className={toneOf(verdict.mark)}>{verdict.word}</span>
          </h2>
          {!form?.story.includes(verdict.sentence) && (
            <p className="font-medium">{verdict.sentence}</p>
          )}
          {judged.envelope && <p className="border-l-4 border-near pl-3">{judged.envelope}</p>}
          <p className="text-label text-quiet">
            Limits {limits.sentence}
            {service && `, service ${service.text} ${service.unit}`} · {judged.round}
            {judged.cut && ` · ${judged.cut}`}
          </p>
        </div>
        <WindowPicture
          limits={limits}
          readings={places.flatMap(({ place }) => place.value ?? [])}
          value={deciding?.value}
          expanded={deciding?.expanded}
          service={service}
        />
      </header>
      {judged.runout && <p className="mt-2 text-title font-medium">{judged.runout}</p>}
      {form && <FormJudged form={form} feature={feature} open={open} lit={lit} onLight={setLit} />}
      {methods && <MethodsJudged methods={methods} lit={lit} onLight={setLit} />}
      {feature.service && (
        <Link
          to={pathToOverTime(part, feature.id)}
          className="inline-flex min-h-11 items-center underline decoration-line underline-offset-4 print:hidden"
        >
          Over time
        </Link>
      )}
      <details
        open={open}
        onToggle={({ currentTarget }) => setListed((before) => before || currentTarget.open)}
        className="group mt-2"
      >
        <summary className="min-h-11 cursor-pointer py-2 text-label text-quiet print:hidden">
          {places.length === 1 ? 'Its place' : `Its ${places.length} places`}, readings, and what is
          known of them
        </summary>
        {listed && (
          <ul>
            {places.map((at) => (
              <AtPlace
                key={at.place.id}
                judged={at}
                isLit={lit === at.place.id}
                onLight={setLit}
                to={`/parts/${part}/features/${feature.id}?place=${at.place.id}`}
              />
            ))}
          </ul>
        )}
      </details>
    </article>
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
          {sentence}
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
            {place.readings.length} readings, {place.repeats || 'nothing to compare'}
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
