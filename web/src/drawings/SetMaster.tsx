import { type SetOn } from '../api/client';
import { useScales, useScaleSetting } from '../api/queries';
import { BlockStack } from './BlockStack';
import { Face } from './Face';
import { MetalDefs, Printed } from './marks';
import { scaleSum, stepOf } from './scaleSum';
import { Strip } from './Strip';

/** What a comparator is set on, as it must look: a ring, a stack of blocks, a micrometer locked at the size. */
export function SetMaster({ on }: { on: SetOn }) {
  if (on.micrometer) {
    return <LockedMicrometer number={on.number} {...on.micrometer} />;
  }
  return on.kind === 'stack' ? (
    <BlockStack blocks={on.blocks} total={on.size} />
  ) : (
    <Ring text={`${on.size.text} ${on.size.unit}`} />
  );
}

interface LockedMicrometerProps {
  number: string;
  scale: string;
  base: string;
  wanted: string;
}

function LockedMicrometer({ number, scale: id, base, wanted }: LockedMicrometerProps) {
  const scale = useScales().data?.find((each) => each.id === id);
  const setting = useScaleSetting(id, base, wanted).data;
  if (scale === undefined || setting === undefined) {
    return null;
  }
  const sum = scaleSum(scale);
  const at = { step: stepOf(sum, setting.shown.parts), sense: 1 as const };
  return (
    <figure aria-label={`${number} locked at ${wanted}`} className="flex flex-col gap-2">
      <div className="overflow-hidden border-2 border-line bg-panel">
        <Face sum={sum} at={at} narrow />
        <Strip sum={sum} at={at} lit={false} narrow />
      </div>
      <figcaption className="font-semibold">
        So {number} must look: {setting.shown.say} Lock it, and look once more.
      </figcaption>
    </figure>
  );
}

const SIZE = 190;

function Ring({ text }: { text: string }) {
  const middle = SIZE / 2;
  return (
    <svg
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      role="img"
      aria-label={`Ring ${text}`}
      className="block w-full max-w-56"
    >
      <MetalDefs id="ring" />
      <circle
        cx={middle}
        cy={middle}
        r={88}
        fill="url(#ringround)"
        className="stroke-ink"
        strokeWidth="1.6"
      />
      <circle cx={middle} cy={middle} r={62} className="fill-panel stroke-ink" strokeWidth="1.6" />
      <path
        d={`M${middle - 62} ${middle} H${middle + 62} M${middle - 54} ${middle - 4} l-8 4 l8 4 M${middle + 54} ${middle - 4} l8 4 l-8 4`}
        className="fill-none stroke-ink"
        strokeWidth="1.2"
      />
      <Printed row="ring" x={middle} y={middle - 14} size="text-[17px]">
        {text}
      </Printed>
    </svg>
  );
}
