import { type FormEvent, useState } from 'react';
import { useAddPerson, useStepUp } from '../api/acts';
import { usePeople } from '../api/queries';
import { Button } from '../ui/Button';

/** Who stands at this screen: every reading is kept with a name. */
export function WhoMeasures({ onPicked }: { onPicked: () => void }) {
  const people = usePeople().data ?? [];
  const stepUp = useStepUp();
  const add = useAddPerson();
  const [name, setName] = useState('');
  const pick = (person: number) => stepUp.mutate(person, { onSuccess: onPicked });
  const addMyself = (event: FormEvent) => {
    event.preventDefault();
    add.mutate(
      { name, does: '' },
      {
        onSuccess: (person) => {
          setName('');
          pick(person.id);
        },
      },
    );
  };
  const failure = add.error ?? stepUp.error;
  return (
    <section aria-labelledby="who" className="border-2 border-ink bg-panel p-5">
      <h2 id="who" className="text-title">
        Who measures?
      </h2>
      <div className="mt-4 flex flex-wrap gap-3">
        {people.map((person) => (
          <Button key={person.id} onClick={() => pick(person.id)} className="min-w-40">
            <span className="block font-semibold">{person.name}</span>
            {person.does && <span className="label block">{person.does}</span>}
          </Button>
        ))}
        <form onSubmit={addMyself} className="flex flex-wrap items-center gap-3">
          <label className="label" htmlFor="new-name">
            Not here yet
          </label>
          <input
            id="new-name"
            value={name}
            onChange={(event) => setName(event.target.value)}
            placeholder="your name"
            autoComplete="off"
            className="min-h-touch w-48 rounded-edge border-2 border-line bg-paper px-4 placeholder:text-quiet"
          />
          <Button type="submit">Add me</Button>
        </form>
      </div>
      {failure && (
        <p role="alert" className="mt-3 font-semibold">
          {failure.message}
        </p>
      )}
    </section>
  );
}
