import { useState } from 'react';
import type { Problem } from '../api/client';
import { usePeople, useShop } from '../api/queries';
import { useEndToken, useMakeToken, useTokens } from '../api/tokens';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { momentSaid } from '../ui/days';
import { Field } from '../ui/Field';
import { refusedAt } from '../ui/refusedAt';
import { UntilEnded } from './UntilEnded';

const ROLES = { reads: 'reads only', measures: 'measures' };

const DAYS = { 1: 'a day', 30: '30 days', 90: '90 days', 366: 'a year' };

/** Programs that come in without a screen, each by its token; at the shop’s own machine alone. */
export function Programs() {
  const here = useShop().data?.here ?? false;
  const tokens = useTokens(here).data ?? [];
  const end = useEndToken();
  if (!here) {
    return null;
  }
  return (
    <section aria-label="Programs">
      <h2 className="border-b-2 border-ink text-body">Programs that come in by a token</h2>
      <UntilEnded
        none="None."
        all={tokens.map(({ id, name, role, person, until }) => ({
          id,
          name,
          says: `${ROLES[role as keyof typeof ROLES]}, in the name of ${person}, until ${momentSaid(until)}`,
          end: `End the token of ${name}`,
        }))}
        isEnding={end.isPending}
        failure={end.error}
        onEnd={(id) => end.mutate(id)}
      />
      <MakeToken />
    </section>
  );
}

function MakeToken() {
  const people = usePeople().data ?? [];
  const make = useMakeToken();
  const [name, setName] = useState('');
  const [role, setRole] = useState('reads');
  const [person, setPerson] = useState<string | undefined>();
  const [days, setDays] = useState('90');
  const whose = person ?? String(people[0]?.id ?? '');
  const failure = make.error as Problem | null;
  return (
    <>
      <div className="mt-3 grid items-end gap-3 tablet:grid-cols-5">
        <Field
          label="Another program"
          value={name}
          hint="what it is"
          refused={refusedAt(failure, 'name')}
          onType={setName}
          onWrite={setName}
        />
        <Choice label="It" value={role} choices={ROLES} onChoose={setRole} />
        <Choice
          label="In the name of"
          value={whose}
          choices={Object.fromEntries(people.map(({ id, name: called }) => [id, called]))}
          onChoose={setPerson}
        />
        <Choice label="For" value={days} choices={DAYS} onChoose={setDays} />
        <Button
          small
          className="self-end"
          disabled={make.isPending}
          onClick={() =>
            make.mutate(
              { name, role, person: Number(whose), days: Number(days) },
              { onSuccess: () => setName('') },
            )
          }
        >
          Make a token
        </Button>
      </div>
      {failure && !refusedAt(failure, 'name') && (
        <p role="alert" className="mt-2 font-semibold">
          {failure.message}
        </p>
      )}
      {make.data && (
        <p role="status" className="mt-2">
          The token of {make.data.token.name}. Copy it now: it is not kept, and not shown again.
          <code className="mt-1 block select-all break-all border-2 border-line bg-panel px-3 py-2">
            {make.data.secret}
          </code>
        </p>
      )}
      <p className="mt-2 text-label text-quiet">
        A program sends it as <code>Authorization: Bearer …</code>. One that measures may what its
        person may at a screen.
      </p>
    </>
  );
}
