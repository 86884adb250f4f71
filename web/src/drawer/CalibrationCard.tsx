import type { GaugePage } from '../api/client';
import { useCalibrate } from '../api/drawer';
import { KeepOrBack } from '../ui/KeepOrBack';
import { Dialog } from '../ui/Dialog';
import { useTypedFields } from '../ui/useTypedFields';

/** What a laboratory found. */
export function CalibrationCard({ page, onClose }: { page: GaugePage; onClose: () => void }) {
  const calibrate = useCalibrate(page);
  const { typed, field, refused } = useTypedFields(
    { on: '', error: '', expanded: '', due: '' },
    calibrate,
    ['on', 'error', 'expanded', 'due'],
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
      <KeepOrBack
        refused={refused}
        onKeep={() => calibrate.mutate(typed, { onSuccess: onClose })}
        onBack={onClose}
      />
    </Dialog>
  );
}
