import { type FormEvent, useState } from 'react';
import { useTakeByHand } from '../api/acts';
import type { Problem } from '../api/client';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { refusedAt } from '../ui/refusedAt';
import { Worded } from '../ui/Worded';
import type { Measuring } from './useMeasuring';

interface ByHandProps {
  measuring: Measuring;
  open: boolean;
  onClose: () => void;
}

/** A place that a hand found on this part: the worst there is. It counts for size and wear, and not for the form. */
export function ByHand({ measuring, open, onClose }: ByHandProps) {
  const { sheet, round, goToPlace } = measuring;
  const take = useTakeByHand();
  const [name, setName] = useState('the worst found');
  const [depth, setDepth] = useState('');
  const [degrees, setDegrees] = useState('');
  const failure = take.error as Problem | null;
  const refused = (at: string) => refusedAt(failure, at);
  const send = (event: FormEvent) => {
    event.preventDefault();
    take.mutateAsync({ part: sheet.part.id, feature: sheet.feature.id, name, depth, degrees }).then(
      ({ shown }) => {
        const added = shown?.rounds
          .find(({ number }) => number === round.number)
          ?.places.find((place) => place.name === name.trim());
        setDepth('');
        setDegrees('');
        onClose();
        if (added) {
          goToPlace(added.id);
        }
      },
      () => undefined,
    );
  };
  return (
    <Dialog
      title="A place found by hand"
      words="On this part alone. It counts for size and wear; the form is reckoned from the places of the plan."
      open={open}
      onClose={onClose}
      holdsFocus
    >
      <form onSubmit={send} className="mt-4 flex flex-col gap-4">
        <Worded label="What it is called" value={name} onType={setName} refused={refused('name')} />
        <Worded
          label={`How deep, ${sheet.job.unit}; empty where you do not know`}
          value={depth}
          onType={setDepth}
          refused={refused('depth')}
        />
        <Worded
          label="At which angle, °; empty where you do not know"
          value={degrees}
          onType={setDegrees}
          refused={refused('degrees')}
        />
        {failure && !['name', 'depth', 'degrees'].some((at) => refused(at)) && (
          <p role="alert" className="font-semibold">
            {failure.message}
          </p>
        )}
        <div className="flex flex-wrap gap-3">
          <Button type="submit" look="now" disabled={take.isPending || name.trim() === ''}>
            Measure there
          </Button>
          <Button onClick={onClose}>Not now</Button>
        </div>
      </form>
    </Dialog>
  );
}
