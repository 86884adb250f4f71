import { type SetOn } from '../api/client';
import { BlockStack } from './BlockStack';
import { MetalDefs, Printed } from './marks';
import { ScaleAt } from './ScaleAt';

/** What a comparator is set on, as it must look: a ring, a stack of blocks, a micrometer locked at the size. */
export function SetMaster({ on }: { on: SetOn }) {
  if (on.micrometer) {
    return <LockedMicrometer number={on.number} {...on.micrometer} />;
  }
  if (on.kind === 'bar') {
    return <BlockStack blocks={[on.size]} total={on.size} />;
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

function LockedMicrometer({ number, wanted, ...locked }: LockedMicrometerProps) {
  return (
    <ScaleAt label={`${number} locked at ${wanted}`} at={wanted} {...locked}>
      {(say) => (
        <strong className="font-semibold">
          So {number} must look: {say} Lock it, and look once more.
        </strong>
      )}
    </ScaleAt>
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
