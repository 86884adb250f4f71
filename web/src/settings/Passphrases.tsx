import { useState } from 'react';
import { Link } from 'react-router';
import type { Problem } from '../api/client';
import { useShop } from '../api/queries';
import { useSetPassphrase, useSigners } from '../api/records';
import { Button } from '../ui/Button';
import { daySaid } from '../ui/days';
import { Secret } from '../ui/Secret';

/** With what those who may sign prove that it is they; set at the shop’s own machine alone. */
export function Passphrases() {
  const here = useShop().data?.here ?? false;
  const signers = useSigners(here).data ?? [];
  const [open, setOpen] = useState<number | undefined>();
  return (
    <section aria-label="Signing">
      <h2 className="border-b-2 border-ink text-body">Who signs</h2>
      {!here && (
        <p className="mt-2 text-label text-quiet">Passphrases are set at the shop’s own machine.</p>
      )}
      {here && signers.length === 0 && (
        <p className="mt-2 text-quiet">Nobody yet: tick “signs” above. Learners never sign.</p>
      )}
      <ul className="mt-2">
        {signers.map(({ id, name, since }) => (
          <li key={id} className="border-b border-line py-1">
            <div className="flex min-h-11 flex-wrap items-center gap-x-6">
              <span className="min-w-48 font-semibold">{name}</span>
              <span className="grow">
                {since ? `passphrase set ${daySaid(since)}` : 'no passphrase yet: cannot sign'}
              </span>
              <Button
                small
                aria-expanded={open === id}
                aria-label={`Set the passphrase of ${name}`}
                onClick={() => setOpen(open === id ? undefined : id)}
              >
                {since ? 'Set another' : 'Set it'}
              </Button>
            </div>
            {open === id && (
              <SetIt person={id} isSet={since != null} onDone={() => setOpen(undefined)} />
            )}
          </li>
        ))}
      </ul>
      <p className="mt-2">
        <Link to="/records/check" className="underline decoration-line underline-offset-4">
          Check a record
        </Link>{' '}
        <span className="text-label text-quiet">
          against its report or its hash: whether it still is what was signed.
        </span>
      </p>
    </section>
  );
}

interface SetItProps {
  person: number;
  isSet: boolean;
  onDone: () => void;
}

/** Its owner says the one before; who keeps the drawer sets it anew without. */
function SetIt({ person, isSet, onDone }: SetItProps) {
  const set = useSetPassphrase();
  const isOwn = useShop().data?.person?.id === person;
  const [before, setBefore] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const [again, setAgain] = useState('');
  const failure = set.error as Problem | null;
  return (
    <form
      className="my-2 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        set.mutate({ person, before, passphrase, again }, { onSuccess: onDone });
      }}
    >
      {isSet && isOwn && <Secret label="The one before" value={before} onType={setBefore} />}
      <Secret label="New, 10 characters or more" value={passphrase} onType={setPassphrase} />
      <Secret label="The same once more" value={again} onType={setAgain} />
      <Button small type="submit" disabled={set.isPending}>
        Keep it
      </Button>
      {failure && (
        <p role="alert" className="w-full font-semibold">
          {failure.message}
        </p>
      )}
    </form>
  );
}
