import { Button } from './Button';

interface KeepOrBackProps {
  /** Why it could not be kept, where no field is at fault. */
  refused: string | undefined;
  onKeep: () => void;
  onBack: () => void;
}

/** The foot of a card that is kept whole. */
export function KeepOrBack({ refused, onKeep, onBack }: KeepOrBackProps) {
  return (
    <>
      {refused && (
        <p role="alert" className="mt-3 border-l-4 border-ink pl-3 font-semibold">
          {refused}
        </p>
      )}
      <div className="mt-5 flex gap-3">
        <Button look="now" onClick={onKeep}>
          Keep
        </Button>
        <Button onClick={onBack}>Back</Button>
      </div>
    </>
  );
}
