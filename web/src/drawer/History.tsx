import { useState } from 'react';
import type { GaugePage, Problem } from '../api/client';
import { useBefell } from '../api/drawer';
import { Button } from '../ui/Button';
import { daySaid } from '../ui/days';
import { Field } from '../ui/Field';

/** What can befall a gauge, by what it is now. */
function waysFor(state: string): [kind: string, words: string][] {
  if (state === 'quarantined') {
    return [
      ['back-in-use', 'Back in use'],
      ['retired', 'Retire it'],
    ];
  }
  if (state === 'retired') {
    return [['back-in-use', 'Back in use']];
  }
  return [
    ['dropped', 'It was dropped'],
    ['new-battery', 'New cell'],
    ['switched-off', 'It went off'],
    ['quarantined', 'Quarantine it'],
    ['retired', 'Retire it'],
  ];
}

/** Its state with its history, and what may befall it next. */
export function History({ page, onCalibrate }: { page: GaugePage; onCalibrate: () => void }) {
  const befell = useBefell(page.gauge.id);
  const [why, setWhy] = useState('');
  const failure = befell.error as Problem | null;
  return (
    <section aria-label="State and history" className="flex flex-col gap-3">
      <h2 className="border-b-2 border-ink pb-1 text-body">State and history</h2>
      {page.calibration && <p>{page.calibration}</p>}
      <Field
        label="Why, in your words"
        value={why}
        hint="off the bench, onto its anvil"
        refused={failure?.field === 'words' ? failure.message : undefined}
        onType={setWhy}
        onWrite={setWhy}
      />
      <div className="flex flex-wrap gap-2">
        {waysFor(page.gauge.state).map(([kind, words]) => (
          <Button
            key={kind}
            small
            onClick={() => befell.mutate({ kind, words: why }, { onSuccess: () => setWhy('') })}
          >
            {words}
          </Button>
        ))}
        <Button small onClick={onCalibrate}>
          Calibrated
        </Button>
      </div>
      {failure && failure.field !== 'words' && (
        <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
          {failure.message}
        </p>
      )}
      <ul aria-label="What befell it">
        {page.events.toReversed().map(({ id, at, person, word, words }) => (
          <li key={id} className="border-b border-line py-1 text-label">
            <span className="font-semibold">{word}</span>
            {words && `: ${words}`}
            <span className="block text-quiet">
              {daySaid(at)}, {person}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
