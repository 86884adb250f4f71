import type { Caution } from '../api/client';
import { Button } from './Button';

interface CautionCardProps {
  caution: Caution;
  onTick: () => void;
}

/** What can hurt somebody, in a sentence; ticked once by each person in a job, and never in the way again. */
export function CautionCard({ caution, onTick }: CautionCardProps) {
  return (
    <section
      aria-label={`Caution: ${caution.title}`}
      className="flex flex-wrap items-center gap-x-5 gap-y-2 border-2 border-ink bg-panel px-4 py-3"
    >
      <p className="min-w-44 grow basis-96">
        <strong className="mr-2 font-bold">{caution.title}.</strong>
        {caution.sentence}
      </p>
      <Button onClick={onTick}>Understood</Button>
    </section>
  );
}
