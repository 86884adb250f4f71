import { useState } from 'react';
import type { GaugePage, Problem } from '../api/client';
import { useCalibrate } from '../api/drawer';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { Field } from '../ui/Field';
import { refusedAt } from '../ui/refusedAt';

/** What a laboratory found. */
export function CalibrationCard({ page, onClose }: { page: GaugePage; onClose: () => void }) {
  const calibrate = useCalibrate(page);
  const [typed, setTyped] = useState({ on: '', error: '', expanded: '', due: '' });
  const failure = calibrate.error as Problem | null;
  const field = (name: keyof typeof typed, label: string, hint: string) => (
    <Field
      label={label}
      hint={hint}
      value={typed[name]}
      refused={refusedAt(failure, name)}
      onType={(value) => setTyped({ ...typed, [name]: value })}
      onWrite={(value) => setTyped({ ...typed, [name]: value })}
    />
  );
  return (
    <Dialog
      title={`${page.gauge.shopNumber} was calibrated`}
      words="Its U takes the place of what such a gauge may be out by; an error beyond that is said."
      open
      onClose={onClose}
    >
      <div className="mt-4 grid gap-3 tablet:grid-cols-2">
        {field('on', 'On', '2026-03-10')}
        {field('due', 'Good until', '2027-03-10')}
        {field('error', `Largest error, in ${page.typed.unit}`, '0.001')}
        {field('expanded', 'Its U', '0.0012')}
      </div>
      {failure && refusedAt(failure, ...Object.keys(typed)) === undefined && (
        <p role="alert" className="mt-3 font-semibold">
          {failure.message}
        </p>
      )}
      <div className="mt-5 flex gap-3">
        <Button look="now" onClick={() => calibrate.mutate(typed, { onSuccess: onClose })}>
          Keep
        </Button>
        <Button onClick={onClose}>Back</Button>
      </div>
    </Dialog>
  );
}
