import { useState } from 'react';
import { Link } from 'react-router';
import type { Problem, SettingUp } from '../api/client';
import { usePutBack } from '../api/ready';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { refusedAt } from '../ui/refusedAt';
import type { Whence } from './whence';

interface PutBackProps {
  settingUp: SettingUp;
  whence: Whence;
  onAnew: () => void;
}

/** It stands where it should: put on the master again it must still say zero. */
export function PutBack({ settingUp, whence, onAnew }: PutBackProps) {
  const { gauge, allowed } = settingUp;
  const put = usePutBack(gauge);
  const [needle, setNeedle] = useState('');
  const [after, setAfter] = useState('');
  const failure = put.error as Problem | null;
  const [done, setDone] = useState('nothing');
  const isSet = done === 'set-to-zero';
  if (put.isSuccess) {
    return (
      <section
        aria-label="Put back"
        className="flex flex-col gap-4 border-2 border-in bg-panel p-5"
      >
        <p role="status" className="text-title font-semibold text-in">
          Kept. It goes on from here.
        </p>
        <Link
          to={whence.to}
          className="inline-flex min-h-touch items-center self-start rounded-edge bg-now px-6 font-semibold text-on-now"
        >
          {whence.onward}
        </Link>
      </section>
    );
  }
  return (
    <form
      aria-label="Put back"
      className="flex flex-col gap-4 border-2 border-ink bg-panel p-5"
      onSubmit={(event) => {
        event.preventDefault();
        put.mutate({ needle, done, after: isSet ? after : '' });
      }}
    >
      <h2 className="text-title">Put it back on its master</h2>
      <p>
        Sweep it both ways to the turning point, as when it was set. It should say zero; up to{' '}
        {allowed.text} {allowed.unit} may be left alone. More is set to zero, and what was read
        since the last good look is in doubt.
      </p>
      <div className="grid gap-3 tablet:grid-cols-2">
        <Field
          label="The needle stands at, in graduations"
          value={needle}
          hint="0, +1, -0.5"
          refused={refusedAt(failure, 'needle')}
          onType={setNeedle}
          onWrite={setNeedle}
        />
        <Choice
          label="Then"
          value={done}
          choices={{ nothing: 'nothing was done', 'set-to-zero': 'it was set to zero' }}
          onChoose={setDone}
        />
        {isSet && (
          <Field
            label="Set to zero and swept again, it stands at"
            value={after}
            hint="0"
            refused={refusedAt(failure, 'after', 'shownAfter')}
            onType={setAfter}
            onWrite={setAfter}
          />
        )}
      </div>
      {failure && !refusedAt(failure, 'needle', 'after', 'shownAfter') && (
        <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
          {failure.message}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <Button look="now" type="submit" onClick={undefined}>
          Keep this look
        </Button>
        <Button onClick={onAnew}>Set it anew</Button>
      </div>
    </form>
  );
}
