import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { finenessOf } from './finenessOf';
import type { Measuring } from './useMeasuring';

interface PickGaugeProps {
  measuring: Measuring;
  open: boolean;
  onClose: () => void;
}

/** The gauges of the drawer. One that may not measure says so and cannot be picked. */
export function PickGauge({
  measuring: { gauges, gauge, setGauge },
  open,
  onClose,
}: PickGaugeProps) {
  return (
    <Dialog
      title="Which gauge is in your hand?"
      words="Its frame is added by itself, and each reading is kept with it."
      open={open}
      onClose={onClose}
    >
      <ul className="mt-4 flex flex-col gap-2">
        {gauges.map((each) => (
          <li key={each.key}>
            <Button
              className="w-full"
              disabled={!each.mayMeasure}
              aria-current={each.key === gauge?.key}
              onClick={() => {
                setGauge(each.key);
                onClose();
              }}
            >
              <strong className="mr-3 font-bold">{each.shopNumber}</strong>
              {each.name}, {finenessOf(each)}
              {!each.mayMeasure && (
                <span className="block font-semibold">
                  {each.stateWord}: its readings are not taken
                </span>
              )}
              {each.state === 'due' && (
                <span className="block font-semibold">its calibration has run out</span>
              )}
              {each.key === gauge?.key && <span className="label block">in hand</span>}
            </Button>
          </li>
        ))}
      </ul>
      <Button onClick={onClose} className="mt-4">
        Back
      </Button>
    </Dialog>
  );
}
