import { useState } from 'react';
import { typedSize } from '../api/queries';
import { digitsOf, pmPer } from '../drawings/digits';
import type { Reader } from './useReader';

/** Scales to which nothing is added. */
const BASELESS = ['feeler', 'rule', 'digital', 'stage'];

/** What the gauge adds on its own, as it stands on its frame or rod. */
export function Base({ reader }: { reader: Reader }) {
  const { scale, base, setBase } = reader;
  const [typed, setTyped] = useState<string | undefined>();
  const [refusal, setRefusal] = useState('');
  if (BASELESS.includes(scale.kind)) {
    return null;
  }
  /** What is no size is refused here, and what was added before goes on being added. */
  const end = async () => {
    const text = typed?.trim() ?? '';
    setTyped(undefined);
    setRefusal('');
    if (text !== '') {
      try {
        await typedSize(text, scale.unit);
        setBase(text);
      } catch (failure) {
        setRefusal(failure instanceof Error ? failure.message : '');
      }
    }
  };
  const framePm = scale.unit === 'in' ? pmPer('in') : 25 * pmPer('mm');
  const byFrame = (by: number) => {
    const pm = Math.max(0, reader.basePm + by * framePm);
    setBase(digitsOf(pm, scale.unit, pm % framePm === 0 ? framePm : scale.leastCount.pm));
  };
  return (
    <div className="flex flex-col">
      <label htmlFor="base" className="label first-letter:uppercase">
        {scale.baseName}
      </label>
      <div className="flex items-stretch border-2 border-line bg-panel">
        <Step label={`${scale.baseName}, one smaller`} onClick={() => byFrame(-1)}>
          −
        </Step>
        <input
          id="base"
          value={typed ?? base}
          onChange={(event) => setTyped(event.target.value)}
          onFocus={(event) => event.target.select()}
          onBlur={() => void end()}
          onKeyDown={(event) => event.key === 'Enter' && void end()}
          className="reading w-14 bg-transparent text-center tablet:w-20"
        />
        <span className="self-center pr-1 text-quiet">{scale.unit}</span>
        <Step label={`${scale.baseName}, one larger`} onClick={() => byFrame(1)}>
          +
        </Step>
      </div>
      {refusal && (
        <p role="alert" className="max-w-60 text-label font-semibold">
          {refusal}
        </p>
      )}
    </div>
  );
}

interface StepProps {
  label: string;
  onClick: () => void;
  children: string;
}

function Step({ label, onClick, children }: StepProps) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onClick}
      className="min-h-11 min-w-11 font-bold"
    >
      {children}
    </button>
  );
}
