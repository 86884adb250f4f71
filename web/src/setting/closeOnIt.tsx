import type { SetOn } from '../api/client';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { refusedAt } from '../ui/refusedAt';
import type { SixSteps } from './useSixSteps';

interface StepProps {
  steps: SixSteps;
}

/** What it is closed on, as it is spoken of. */
const masterOf = ({ kind, number }: SetOn): string => (kind === 'stack' ? 'the stack' : number);

/** A micrometer is closed on the master as it will be closed on the part, and read; a display is swept in it and preset there. */
export function CloseOnIt({
  steps: { settingUp, isMicrometer, settled, settle, on, failure, go },
}: StepProps) {
  const write = (shown: string) => settle({ shown });
  const master = on ? masterOf(on) : 'the master';
  return (
    <>
      <p>
        {isMicrometer
          ? `Wipe both faces and ${master}. Close on it with the ratchet, as you will on the part, and read. What the frame is off is in this figure, too: nothing else is taken off.`
          : `Put it into ${master}. Rock it along the bore to both sides until the figure turns back: the smallest is the size. Preset it there to the size of ${master}.`}
      </p>
      <Field
        label={`${isMicrometer ? 'On' : 'At the turning point in'} ${master} it shows, ${settingUp.unit}`}
        value={settled.shown}
        hint={on?.size.text ?? ''}
        refused={refusedAt(failure, 'shown')}
        onType={write}
        onWrite={write}
      />
      <Button
        look="now"
        className="self-start"
        disabled={settled.shown.trim() === ''}
        onClick={() => go(5)}
      >
        Next
      </Button>
    </>
  );
}

export function CloseAgain({ steps }: StepProps) {
  const { isMicrometer, settled, settle, failure, refused, keep } = steps;
  const write = (again: string) => settle({ again });
  return (
    <>
      <p>
        {isMicrometer
          ? 'Open it, wipe, close on it once more: it comes back within a line, or something was dirty.'
          : 'Take it out, put it in again and sweep once more: it comes back within a step, or it was not at the turning point.'}
      </p>
      <Field
        label="It shows now"
        value={settled.again}
        hint={settled.shown}
        refused={refusedAt(failure, 'again')}
        onType={write}
        onWrite={write}
      />
      {refused && (
        <p role="alert" className="border-l-4 border-near pl-3 font-semibold">
          {refused}
        </p>
      )}
      <Button
        look="now"
        className="self-start"
        disabled={settled.again.trim() === ''}
        onClick={keep}
      >
        It is set: keep it
      </Button>
    </>
  );
}
