import { useState } from 'react';
import { useAddPerson, useDecideMay } from '../api/acts';
import type { Person, Problem } from '../api/client';
import { usePeople, useShop } from '../api/queries';
import { Button } from '../ui/Button';
import { Changes } from '../ui/Changes';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import { MAY } from '../ui/labels';

/** Who is here, and what each may; the latter is decided at the shop’s own machine. */
export function PeopleOfTheShop() {
  const people = usePeople().data ?? [];
  const here = useShop().data?.here ?? false;
  const add = useAddPerson();
  const [name, setName] = useState('');
  const [does, setDoes] = useState('');
  const submit = () =>
    add.mutate(
      { name, does },
      {
        onSuccess: () => {
          setName('');
          setDoes('');
        },
      },
    );
  const failure = add.error as Problem | null;
  return (
    <section aria-label="People">
      <h2 className="border-b-2 border-ink text-body">People</h2>
      <ul className="mt-2">
        {people.map((person) => (
          <li
            key={person.id}
            className="flex min-h-11 flex-wrap items-center gap-x-6 gap-y-1 border-b border-line py-1"
          >
            <span className="min-w-48">
              <span className="font-semibold">{person.name}</span>{' '}
              <span className="label">{person.does}</span>
            </span>
            {here ? <MayDo person={person} /> : <span>{person.may.map(said).join(', ')}</span>}
          </li>
        ))}
      </ul>
      {!here && (
        <p className="mt-2 text-label text-quiet">
          Who may do what, and who is signed on where, is decided at the shop’s own machine.
        </p>
      )}
      <div className="mt-3 grid items-end gap-3 tablet:grid-cols-3">
        <Field
          label="Somebody else"
          value={name}
          hint="a name"
          refused={failure?.message}
          onType={setName}
          onWrite={setName}
        />
        <Field label="Does" value={does} hint="turner" onType={setDoes} onWrite={setDoes} />
        <Button small onClick={submit} className="self-end">
          Add
        </Button>
      </div>
      <Changes of="people" />
    </section>
  );
}

const said = (may: string): string => MAY[may] ?? may;

function MayDo({ person }: { person: Person }) {
  const decide = useDecideMay();
  return (
    <div role="group" aria-label={`${person.name} may`} className="flex flex-wrap gap-x-4">
      {Object.entries(MAY).map(([code, word]) => (
        <Check
          key={code}
          label={word}
          checked={person.may.includes(code)}
          onCheck={(on) =>
            decide.mutate({
              person: person.id,
              may: [...person.may.filter((each) => each !== code), ...(on ? [code] : [])],
            })
          }
        />
      ))}
      {decide.error && (
        <p role="alert" className="w-full font-semibold">
          {decide.error.message}
        </p>
      )}
    </div>
  );
}
