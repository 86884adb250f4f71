import { useState } from 'react';
import type { Feature, Schemas } from '../api/client';
import { baseOf, factorFor, farthest, limitsOf, otherFactor } from '../drawings/magnified';
import { RADIUS, REACH, RoundPicture } from '../drawings/RoundPicture';
import { SidePicture } from '../drawings/SidePicture';
import { toneOf, VerdictMark } from '../drawings/VerdictMark';
import { Button } from '../ui/Button';
import { Saved } from '../ui/Saved';
import { tied } from '../ui/tied';

type InFull = Schemas['FormInFullView'];

interface FormJudgedProps {
  form: Schemas['FormView'];
  /** What it rests on; absent until it is looked at. */
  inFull: InFull | undefined;
  feature: Feature;
  lit: number | undefined;
  onLight: (place: number | undefined) => void;
}

/** A feature’s story, its pictures and its figures of form. */
export function FormJudged({ form, inFull, feature, lit, onLight }: FormJudgedProps) {
  const { hints, stock } = form;
  return (
    <section aria-label={`Form of ${feature.name}`} className="mt-3">
      <p className="max-w-4xl text-title font-medium" data-testid="story">
        {form.story}
      </p>
      {hints.length > 0 && (
        <ul className="mt-2" aria-label="Things to look at">
          {hints.map((hint) => (
            <li key={hint} className="border-l-4 border-line pl-3">
              {hint}
            </li>
          ))}
        </ul>
      )}
      {inFull && (
        <Pictures picture={inFull.picture} feature={feature} lit={lit} onLight={onLight} />
      )}
      {stock.length > 0 && (
        <p className="mt-3">
          Off each side, to the middle of the next size:{' '}
          {stock.map(({ place, name, perSide }, i) => (
            <span
              key={place}
              className={lit === place ? 'bg-now text-on-now' : ''}
              onPointerEnter={() => onLight(place)}
              onPointerLeave={() => onLight(undefined)}
            >
              {i > 0 && '; '}
              {name} <span className="reading">{perSide.text}</span>
            </span>
          ))}
          .
        </p>
      )}
      {inFull && (
        <details className="mt-2 print:not-open:hidden">
          <summary className="min-h-11 cursor-pointer py-2 text-label text-quiet">
            Its figures of form, and what this way of measuring cannot see
          </summary>
          <Figures figures={inFull.figures} />
          <ul className="mt-2 text-label text-quiet">
            {inFull.remarks.map((remark) => (
              <li key={remark}>{remark}</li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

const BESIDE_EACH_OTHER =
  'mt-3 grid gap-3 [grid-template-columns:repeat(auto-fill,minmax(12rem,1fr))] wide:[grid-template-columns:repeat(auto-fill,minmax(16rem,1fr))]';

interface PicturesProps extends Omit<FormJudgedProps, 'form' | 'inFull'> {
  picture: InFull['picture'];
}

function Pictures({ picture, feature, lit, onLight }: PicturesProps) {
  const limits = limitsOf(feature);
  const sizes = picture.walls.flatMap(({ points }) => points.map(({ size }) => size.pm));
  const base = baseOf(limits, sizes);
  const fitting = factorFor(farthest(base, limits, sizes) / 2, RADIUS / (base / 2), REACH);
  const [factor, setFactor] = useState(fitting);
  const shared = {
    limits,
    base,
    factor,
    hollow: picture.hollow,
    lit,
    onLight,
  };
  return (
    <Saved
      name={feature.name}
      beside={
        <>
          <span className="flex items-center gap-2">
            <Button onClick={() => setFactor(otherFactor(factor, -1))} aria-label="Magnify less">
              −
            </Button>
            <Button onClick={() => setFactor(otherFactor(factor, 1))} aria-label="Magnify more">
              +
            </Button>
            {factor !== fitting && <Button onClick={() => setFactor(fitting)}>as it fits</Button>}
          </span>
          <span className="max-w-md text-quiet">
            Dashed: limits of a new one{feature.service && '; dash and dot: service limit'}. Metal
            is hatched. Angles go against the clock from the right.
          </span>
        </>
      }
    >
      {picture.round && (
        <div className={BESIDE_EACH_OTHER}>
          {picture.levels.map((level) => (
            <figure key={level.name} className="border border-line">
              <RoundPicture level={level} {...shared} />
              <figcaption className="px-2 pb-2 text-label">{tied(level.sentence)}</figcaption>
            </figure>
          ))}
        </div>
      )}
      <div className={BESIDE_EACH_OTHER}>
        {picture.walls.map((wall) => (
          <figure key={wall.axis} className="border border-line">
            <SidePicture
              wall={wall}
              bands={picture.bands}
              lengthPm={picture.lengthPm ?? undefined}
              {...shared}
            />
            <figcaption className="px-2 pb-2 text-label">{tied(wall.sentence)}</figcaption>
          </figure>
        ))}
      </div>
    </Saved>
  );
}

function Figures({ figures }: { figures: InFull['figures'] }) {
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-left">
        <thead>
          <tr className="label border-b-2 border-line">
            <th className="py-1 pr-4 font-normal">Figure</th>
            <th className="pr-4 font-normal">Where</th>
            <th className="pr-4 text-right font-normal">Measured</th>
            <th className="pr-4 text-right font-normal">Limit</th>
            <th className="pr-4 font-normal">Verdict</th>
            <th className="font-normal">Remark</th>
          </tr>
        </thead>
        <tbody>
          {figures.map((each) => (
            <tr key={`${each.what} ${each.where}`} className="border-b border-line align-top">
              <td className="py-1 pr-4">{each.what}</td>
              <td className="pr-4">{each.where}</td>
              <td className="reading pr-4 text-right whitespace-nowrap">
                {each.figure.text} {each.figure.unit}
                <span className="block text-label text-quiet">{each.figure.other}</span>
              </td>
              <td className="reading pr-4 text-right">{each.limit?.text ?? ''}</td>
              <td className="pr-4">
                {each.mark !== '' && (
                  <span
                    className={`flex items-center gap-2 whitespace-nowrap ${toneOf(each.mark)}`}
                  >
                    <VerdictMark verdict={{ mark: each.mark, side: 'high' }} size={20} />
                    {each.word}
                  </span>
                )}
              </td>
              <td className="text-label text-quiet">{tied(each.sentence)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
