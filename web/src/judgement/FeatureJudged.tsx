import { useState } from 'react';
import { Link } from 'react-router';
import { type Feature, type JudgedFeature, pathToOverTime } from '../api/client';
import { useJudgedInFull } from '../api/queries';
import { toneOf, VerdictMark } from '../drawings/VerdictMark';
import { WindowPicture } from '../drawings/WindowPicture';
import { Button } from '../ui/Button';
import { tied } from '../ui/tied';
import { FormJudged } from './FormJudged';
import { MethodsJudged } from './MethodsJudged';
import { PlacesJudged } from './PlacesJudged';
import { Straightness } from './Straightness';

interface FeatureJudgedProps {
  judged: JudgedFeature;
  /** As it is drawn; there whenever it was judged. */
  feature: Feature | undefined;
  part: number;
}

/** A feature: its verdict and its story, and one step away what they rest on; the worst shows that at once. */
export function FeatureJudged({ judged, feature, part }: FeatureJudgedProps) {
  const { verdict, form, methods } = judged;
  const [lit, setLit] = useState<number | undefined>();
  const [asked, setAsked] = useState(false);
  const inFull = useJudgedInFull(part, judged, asked);
  if (feature === undefined) {
    return null;
  }
  const { limits, service, reworked } = feature;
  const light = { lit, onLight: setLit };
  return (
    <article
      aria-labelledby={`feature-${feature.id}`}
      className="break-inside-avoid border-2 border-line bg-panel p-4"
    >
      <header className="grid gap-x-5 gap-y-1 tablet:grid-cols-[auto_minmax(0,1fr)_18rem] print:grid-cols-[auto_minmax(0,1fr)_15rem]">
        <VerdictMark verdict={verdict} size={40} />
        <div>
          <h2 id={`feature-${feature.id}`} className="text-title">
            {feature.name}: <span className={toneOf(verdict.mark)}>{verdict.word}</span>
          </h2>
          {!form?.story.includes(verdict.sentence) && (
            <p className="font-medium">{tied(verdict.sentence)}</p>
          )}
          {judged.envelope && <p className="border-l-4 border-near pl-3">{judged.envelope}</p>}
          {judged.straightness && (
            <Straightness part={part} feature={feature.id} straightness={judged.straightness} />
          )}
          <p className="text-label text-quiet">
            {reworked && <strong>At {reworked.text}. </strong>}Limits {tied(limits.sentence)}
            {service && `, service ${service.text} ${service.unit}`} · {judged.round}
            {judged.cut && ` · ${judged.cut}`}
          </p>
          {judged.underPlan.map((said) => (
            <p key={said} className="text-label text-quiet">
              {said}
            </p>
          ))}
        </div>
        <WindowPicture
          limits={limits}
          readings={judged.sizes}
          value={judged.value}
          expanded={judged.expanded}
          guardPm={judged.guardPm}
          service={service}
        />
      </header>
      {judged.runout && <p className="mt-2 text-title font-medium">{judged.runout}</p>}
      {form && <FormJudged form={form} inFull={inFull?.form} feature={feature} {...light} />}
      {judged.together && (
        <p className="mt-2 border-l-4 border-now pl-3 font-medium">{judged.together}</p>
      )}
      {methods && <MethodsJudged methods={methods} {...light} />}
      <p className="flex flex-wrap items-center gap-x-6 gap-y-2 print:hidden">
        {!judged.inFull && (
          <Button onClick={() => setAsked(!asked)} aria-expanded={asked} className="mt-3">
            {asked ? 'Hide' : 'Show'} its{' '}
            {form ? 'pictures, figures and places' : 'places and readings'}
          </Button>
        )}
        {service && (
          <Link
            to={pathToOverTime(part, feature.id)}
            className="inline-flex min-h-11 items-center underline decoration-line underline-offset-4"
          >
            Over time
          </Link>
        )}
      </p>
      {inFull && (
        <PlacesJudged
          places={inFull.places}
          to={`/parts/${part}/features/${feature.id}`}
          {...light}
        />
      )}
    </article>
  );
}
