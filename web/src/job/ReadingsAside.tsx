import { Button } from '../ui/Button';
import type { Planning } from './usePlanning';

/** A change would leave readings aside: which is said beforehand, and a person chooses. */
export function ReadingsAside({ planning }: { planning: Planning }) {
  const { aside } = planning;
  if (aside === undefined) {
    return null;
  }
  return (
    <section aria-label="Readings left aside" className="border-2 border-ink bg-panel p-4">
      <p role="alert" className="font-semibold">
        {aside.sentence}
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <Button small look="now" onClick={aside.leaveAsItWas}>
          Leave the plan as it was
        </Button>
        <Button small onClick={aside.doIt}>
          Change it, and leave them aside
        </Button>
      </div>
    </section>
  );
}
