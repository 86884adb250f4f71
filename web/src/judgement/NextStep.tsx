import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import { useDecide } from '../api/acts';
import type { Judgement } from '../api/client';
import { newId } from '../api/newId';
import { useShop } from '../api/queries';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { momentSaid } from '../ui/days';
import { tied } from '../ui/tied';

interface NextStepProps {
  judgement: Judgement;
  /** Where measuring goes on. */
  walk: string | undefined;
}

/** The next step, the rule that fired, and what somebody decided against it. */
export function NextStep({ judgement, walk }: NextStepProps) {
  const { step, decided, decisions } = judgement;
  const [deciding, setDeciding] = useState(false);
  const goesOn = ['better-method', 'measure-again', 'finish'].includes(step.code);
  return (
    <section aria-label="Next step" className="mt-3">
      <p className={`text-order font-semibold ${decided ? 'text-quiet line-through' : 'text-now'}`}>
        {tied(step.sentence)}
      </p>
      <p className="text-label text-quiet">{step.rule}</p>
      {decided && (
        <p className="mt-2 text-title">
          {decided.person} decided otherwise: <strong>{decided.decided}</strong>. {decided.reason}
        </p>
      )}
      {decisions.length > (decided ? 1 : 0) && (
        <details className="mt-2 text-label">
          <summary className="min-h-8 cursor-pointer">
            What was decided before ({decisions.length - (decided ? 1 : 0)})
          </summary>
          <ul>
            {decisions.slice(0, decided ? -1 : undefined).map((each) => (
              <li key={each.at}>
                {momentSaid(each.at)}, {each.person}: {each.decided} instead of {each.said}.{' '}
                {each.reason}
              </li>
            ))}
          </ul>
        </details>
      )}
      <div className="mt-3 flex flex-wrap gap-3 print:hidden">
        {goesOn && walk && (
          <Link
            to={walk}
            className="inline-flex min-h-touch items-center rounded-edge border-2 border-now bg-now px-5 font-semibold text-on-now"
          >
            <span className="mr-4 font-bold">N</span> measure on
          </Link>
        )}
        {!deciding && (
          <Button onClick={() => setDeciding(true)}>Decide otherwise, with a reason</Button>
        )}
      </div>
      {deciding && <Decide judgement={judgement} onDone={() => setDeciding(false)} />}
    </section>
  );
}

const STEPS: Record<string, string> = {
  use: 'use it',
  finish: 'finish it',
  'next-size': 'rework it to the next size',
  replace: 'replace it',
  'replace-or-specialist': 'show it to a specialist',
  'measure-again': 'measure it again',
};

function Decide({ judgement, onDone }: { judgement: Judgement; onDone: () => void }) {
  const shop = useShop().data;
  const decide = useDecide();
  const [id] = useState(newId);
  const [decided, setDecided] = useState('use');
  const [reason, setReason] = useState('');
  const keep = (event: FormEvent) => {
    event.preventDefault();
    decide.mutate({ id, part: judgement.part.id, decided, reason }, { onSuccess: onDone });
  };
  return (
    <form
      onSubmit={keep}
      className="mt-3 flex flex-col gap-3 border-t-2 border-line pt-3 print:hidden"
    >
      <Choice label="Instead" value={decided} choices={STEPS} onChoose={setDecided} />
      <label className="flex flex-col gap-1">
        <span className="label">Why: it stays beside the rule, on every sheet</span>
        <textarea
          value={reason}
          maxLength={400}
          rows={2}
          onChange={(event) => setReason(event.target.value)}
          className="border-2 border-line bg-paper px-4 py-2"
        />
      </label>
      {!shop?.person && (
        <p className="font-semibold">A decision has a name: say first, at the top, who you are.</p>
      )}
      {decide.error && (
        <p role="alert" className="font-semibold">
          {decide.error.message}
        </p>
      )}
      <div className="flex gap-3">
        <Button
          type="submit"
          look="now"
          disabled={reason.trim() === '' || !shop?.person || decide.isPending}
        >
          Decide so
        </Button>
        <Button onClick={onDone}>Back</Button>
      </div>
    </form>
  );
}
