import { memo, useMemo } from 'react';
import type { Gauge, Scale } from '../api/client';
import { useEcho } from '../api/queries';
import { standing } from '../api/keepReading';
import { Face } from '../drawings/Face';
import { onScale, scaleSum, type ScaleSum, type Standing, stepOf } from '../drawings/scaleSum';
import { useRemembered } from '../ui/remembered';
import { useRested } from '../ui/useRested';
import type { Measuring } from './useMeasuring';

/** Whose faces have lines: a display shows the figure itself. */
const FACES = ['thimble', 'vernier', 'dial', 'rule', 'comparator'];

/** Of a round face nothing can be left away; of the others what lies far above and below the lines. */
const LONG = ['thimble', 'vernier', 'rule'];

interface EchoProps {
  measuring: Measuring;
  /** What is being typed; while it is empty the last reading here is shown. */
  text: string;
  /** The own scale looks otherwise than this one. @param size in picometres, where it is drawn */
  onDiffers: (size: number) => void;
  /** The key that says so, while the entry is empty. */
  takes: string;
}

/**
 * The scale in hand as it must look for the figure: the eye that slipped sees that its own looks otherwise. It asks nothing, and can be
 * put away.
 */
export function Echo({ measuring, text, onDiffers, takes }: EchoProps) {
  const [shown, setShown] = useRemembered('echo', 'on');
  const { gauge, place, checking } = measuring;
  const last = checking ? undefined : standing(place.readings).at(-1);
  const figure = text !== '' ? text : last && `${last.size.text} ${last.size.unit}`;
  if (gauge?.scale === undefined || figure === undefined || !FACES.includes(gauge.scale.family)) {
    return null;
  }
  if (shown !== 'on') {
    return (
      <button
        type="button"
        onClick={() => setShown('on')}
        className="self-start py-1 text-label underline decoration-line underline-offset-4"
      >
        show how the scale must look
      </button>
    );
  }
  return (
    <Drawn
      gauge={gauge}
      scale={gauge.scale}
      figure={figure}
      onDiffers={onDiffers}
      takes={text === '' ? takes : ''}
      onAway={() => setShown('off')}
    />
  );
}

interface DrawnProps extends Pick<EchoProps, 'onDiffers' | 'takes'> {
  gauge: Gauge;
  scale: Scale;
  figure: string;
  onAway: () => void;
}

function Drawn({ gauge, scale, figure, onDiffers, takes, onAway }: DrawnProps) {
  const sum = useMemo(() => scaleSum(scale), [scale]);
  const rested = useRested(figure);
  const echo = useEcho(gauge, rested);
  if (!echo) {
    return null;
  }
  const { sense, ...parts } = echo.parts;
  const long = LONG.includes(scale.family);
  return (
    <figure
      aria-label={`The scale as it must look for ${echo.size.text} ${echo.size.unit}`}
      className="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] items-center gap-4"
    >
      <div
        className={`overflow-hidden border-2 border-line bg-panel ${long ? 'aspect-[520/176]' : ''}`}
      >
        <div className={long ? '-mt-[10.4%]' : ''}>
          <Still sum={sum} step={onScale(sum, stepOf(sum, parts))} sense={sense === -1 ? -1 : 1} />
        </div>
      </div>
      <figcaption className="text-label">
        {echo.look && <p className="font-semibold">{echo.look}</p>}
        <p className="flex flex-wrap gap-x-4">
          <button
            type="button"
            onClick={() => onDiffers(echo.size.pm)}
            className="py-1 underline decoration-line underline-offset-4"
          >
            mine does not look so{' '}
            {takes && <span className="font-bold">{takes.toUpperCase()}</span>}
          </button>
          <button
            type="button"
            onClick={onAway}
            className="py-1 text-quiet underline decoration-line underline-offset-4"
          >
            put away
          </button>
        </p>
      </figcaption>
    </figure>
  );
}

/** Not drawn anew with each key that is typed beside it. */
const Still = memo(function Still({ sum, step, sense }: { sum: ScaleSum } & Standing) {
  return <Face sum={sum} at={{ step, sense }} narrow />;
});
