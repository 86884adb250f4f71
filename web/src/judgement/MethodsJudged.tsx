import type { Schemas } from '../api/client';
import { DifferencePlot } from '../drawings/DifferencePlot';
import { Saved } from '../ui/Saved';
import { tied } from '../ui/tied';

interface MethodsJudgedProps {
  methods: Schemas['TwoMethodsView'];
  lit: number | undefined;
  onLight: (place: number | undefined) => void;
}

/** Two methods on the same places: what they differ by, and whether that is more than both can be off. */
export function MethodsJudged({ methods, lit, onLight }: MethodsJudgedProps) {
  const { places, first, second } = methods;
  return (
    <section
      aria-label="Two methods on the same places"
      className="mt-4 border-t-2 border-line pt-3"
    >
      <h3 className="text-body">
        Two methods: {first} and {second}
      </h3>
      <p className={methods.differs ? 'border-l-4 border-near pl-3 font-semibold' : 'font-medium'}>
        {tied(methods.sentence)}
      </p>
      <div className="mt-2 grid gap-4 tablet:grid-cols-2">
        <div>
          <Saved name={`${first} and ${second}`}>
            <DifferencePlot methods={methods} lit={lit} onLight={onLight} />
          </Saved>
        </div>
        <table className="self-start text-left">
          <thead>
            <tr className="label border-b-2 border-line">
              <th className="py-1 font-normal">Place</th>
              <th className="text-right font-normal">{first}</th>
              <th className="text-right font-normal">{second}</th>
              <th className="text-right font-normal">apart, {methods.mean.unit}</th>
            </tr>
          </thead>
          <tbody>
            {places.map((place) => (
              <tr
                key={place.place}
                className={`border-b border-line ${lit === place.place ? 'font-bold text-now' : ''}`}
                onPointerEnter={() => onLight(place.place)}
                onPointerLeave={() => onLight(undefined)}
              >
                <td className="py-1">{place.name}</td>
                <td className="reading text-right">{place.first.text}</td>
                <td className="reading text-right">{place.second.text}</td>
                <td className="reading text-right">{place.apart.text}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
