import type { Schemas, Uncertainty } from '../api/client';
import { Contributions } from './Contributions';

interface AtTwentyProps {
  twenty: Schemas['AtTwentyView'];
  /** How well it is known with the gauge at hand; without one only what the temperatures leave open is told. */
  known?: Uncertainty | undefined;
}

/** A size at 20 °C: what was added, what that leaves in doubt, and whether to wait. */
export function AtTwenty({ twenty, known }: AtTwentyProps) {
  const { size, correction, doubt, mustWait, sentence, advice } = twenty;
  return (
    <div>
      <p className="reading text-order">
        {size.text} {size.unit}
      </p>
      <p className="text-quiet">
        {size.other}, corrected by {correction.text} {correction.unit} ({correction.other})
      </p>
      <p className="mt-2">{sentence}</p>
      <p
        className={`mt-2 border-l-4 pl-3 text-title font-semibold ${mustWait ? 'border-near text-near' : 'border-in text-in'}`}
      >
        {advice}
      </p>
      <Contributions uncertainty={known ?? doubt} />
    </div>
  );
}
