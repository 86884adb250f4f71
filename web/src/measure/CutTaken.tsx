import { type FormEvent, useState } from 'react';
import { useCutTaken } from '../api/acts';
import { newId } from '../api/newId';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Dialog } from '../ui/Dialog';
import { NotTaken } from './NotTaken';
import { SizeIs, sizesOf } from './SizeIs';
import type { Measuring } from './useMeasuring';

interface CutTakenProps {
  measuring: Measuring;
  open: boolean;
  onClose: () => void;
}

/** A cut was taken: what was asked of it, and the next round opens. What was read before stays on the record. */
export function CutTaken({ measuring, open, onClose }: CutTakenProps) {
  const { sheet, round, person } = measuring;
  const cut = useCutTaken();
  const [id] = useState(newId);
  const [asked, setAsked] = useState<string | undefined>();
  const proposed = (round.verdict.cut?.middle ?? round.verdict.cut?.near)?.text ?? '';
  // What the last places ask for, until somebody says otherwise.
  const [picked, setPicked] = useState<string | undefined>();
  const toWhat = picked ?? String(round.proposed ?? '');
  const take = (event: FormEvent) => {
    event.preventDefault();
    if (person === undefined) {
      return;
    }
    cut.mutate(
      {
        id,
        part: sheet.part.id,
        feature: sheet.feature.id,
        number: round.number + 1,
        asked: asked ?? proposed,
        ...(toWhat === '' ? {} : { to: Number(toWhat) }),
      },
      // The next round may be in sight before this is answered, with a card of its own: that one is not closed by it.
      { onSuccess: onClose },
    );
  };
  const of = sheet.feature.diameter ? 'the diameter' : 'the size';
  return (
    <Dialog
      title="Cut taken"
      words="The next round opens. What was read before stays on the record, and no longer counts."
      open={open}
      onClose={onClose}
    >
      <form onSubmit={take} className="mt-4 flex flex-col gap-4">
        <label htmlFor="asked" className="font-semibold">
          Set out to take off {of}, {sheet.job.unit}
        </label>
        <input
          id="asked"
          value={asked ?? proposed}
          onChange={(event) => setAsked(event.target.value)}
          autoComplete="off"
          className="reading min-h-touch w-full border-2 border-line bg-paper px-4 text-order"
        />
        {sheet.feature.steps.length > 0 && (
          <Choice
            label="It is from now on"
            value={toWhat}
            choices={sizesOf(sheet.feature, 'the size it was')}
            onChoose={setPicked}
            remark="A size from the plan: it is judged by its limits, wears from them, and is stepped on from there."
          />
        )}
        {cut.error && (
          <p role="alert" className="font-semibold">
            {cut.error.message}
          </p>
        )}
        <div className="flex flex-wrap gap-3">
          <Button type="submit" look="now" disabled={cut.isPending}>
            Open the next round
          </Button>
          <Button onClick={onClose}>Not yet</Button>
        </div>
      </form>
      <SizeIs measuring={measuring} onSaid={onClose} />
      <NotTaken measuring={measuring} onSaid={onClose} />
    </Dialog>
  );
}
