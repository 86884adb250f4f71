import type { Scale } from '../api/client';
import { Face } from '../drawings/Face';
import { scaleSum, stepOf } from '../drawings/scaleSum';
import { Strip } from '../drawings/Strip';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { howOf } from './how';

interface HowReadProps {
  scale: Scale;
  open: boolean;
  onClose: () => void;
}

/** How each family is read, in the order in which the eye goes about it, and why it works. */
export function HowRead({ scale, open, onClose }: HowReadProps) {
  const how = howOf(scale);
  const sum = scaleSum(scale);
  if (how === undefined) {
    return null;
  }
  const at = { step: stepOf(sum, how.counts), sense: 1 as const };
  return (
    <Dialog title={how.title} words={scale.name} open={open} onClose={onClose}>
      <div className="mt-3 max-w-md border-2 border-line">
        <Face sum={sum} at={at} lit={how.lit} narrow />
        <Strip sum={sum} at={at} lit={how.lit === sum.parts.at(-1)?.name} narrow />
      </div>
      <ol className="mt-3 list-decimal space-y-1 pl-7">
        {how.steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <div className="mt-4 border-t-2 border-line pt-3">
        <h3 className="text-body">Why</h3>
        {how.why(scale)}
      </div>
      <Button onClick={onClose} className="mt-4">
        Back
      </Button>
    </Dialog>
  );
}
