import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Problem } from '../api/client';
import { useKeepStudy, useStudySoFar } from '../api/drawer';
import { useDrawer, usePeople } from '../api/queries';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { refusedAt } from '../ui/refusedAt';
import { Shell } from '../ui/Shell';

const COUNTS = { '2': 'two', '3': 'three', '4': 'four', '5': 'five', '10': 'ten' };

/** The same parts read by several people: how much of a tolerance measuring takes, and what that comes of. */
export function StudyScreen() {
  const drawer = useDrawer().data;
  const people = usePeople().data ?? [];
  return (
    <Shell title="Study" head={<h1 className="text-body font-bold">Several people, one gauge</h1>}>
      {drawer && people.length > 1 && (
        <StudyOf
          gauges={Object.fromEntries(
            drawer.gauges
              .filter(
                ({ state, leastCount }) => leastCount && (state === 'in-use' || state === 'due'),
              )
              .map(({ id, shopNumber, name }) => [String(id), `${shopNumber}, ${name}`]),
          )}
          names={people.map(({ name }) => name)}
        />
      )}
      {people.length === 1 && (
        <p className="p-6">A study needs two people or more: add them in Settings.</p>
      )}
    </Shell>
  );
}

interface StudyOfProps {
  gauges: Record<string, string>;
  names: string[];
}

function StudyOf({ gauges, names }: StudyOfProps) {
  const keep = useKeepStudy();
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [gauge, setGauge] = useState(Object.keys(gauges)[0] ?? '');
  const [tolerance, setTolerance] = useState('');
  const [parts, setParts] = useState('5');
  const [people, setPeople] = useState('2');
  const [repeats, setRepeats] = useState('2');
  const [cells, setCells] = useState<Record<string, string>>({});
  const who = names.slice(0, Number(people));
  const range = (count: string) => Array.from({ length: Number(count) }, (_, i) => i);
  const key = (part: number, person: number, repeat: number) => `${part}/${person}/${repeat}`;
  const body = {
    name,
    gauge: Number(gauge),
    tolerance,
    people: who,
    readings: range(parts).map((part) =>
      who.map((_, person) =>
        range(repeats)
          .map((repeat) => cells[key(part, person, repeat)]?.trim() ?? '')
          .filter((text) => text !== ''),
      ),
    ),
  };
  const asked = tolerance !== '' && Object.keys(cells).length > 0;
  const soFar = useStudySoFar(body, asked);
  const failure = (keep.error ?? soFar.error) as Problem | null;
  const at = (field: string) => refusedAt(failure, field);
  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-5 p-4 tablet:p-6">
      <p className="text-quiet">
        Everybody reads every part as often as everybody else, without seeing the others’ figures;
        the parts should spread over what the shop makes.
      </p>
      <div className="grid gap-3 tablet:grid-cols-3">
        <Field
          label="Called"
          value={name}
          hint="seats, spring"
          refused={at('name')}
          onType={setName}
          onWrite={setName}
        />
        <Choice label="Gauge" value={gauge} choices={gauges} onChoose={setGauge} />
        <Field
          label="Tolerance, its whole width"
          value={tolerance}
          hint="0.05"
          refused={at('tolerance')}
          onType={setTolerance}
          onWrite={setTolerance}
        />
        <Choice label="Parts" value={parts} choices={COUNTS} onChoose={setParts} />
        <Choice
          label="People"
          value={people}
          choices={Object.fromEntries(
            names.slice(1).map((_, i) => [String(i + 2), names.slice(0, i + 2).join(', ')]),
          )}
          onChoose={setPeople}
        />
        <Choice
          label="Readings each"
          value={repeats}
          choices={{ '2': 'two', '3': 'three' }}
          onChoose={setRepeats}
        />
      </div>
      <div className="overflow-x-auto">
        <table className="w-full text-left">
          <thead>
            <tr className="border-b-2 border-ink text-label">
              <th className="py-2 pr-3">Part</th>
              {who.map((person) => (
                <th key={person} colSpan={Number(repeats)}>
                  {person}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {range(parts).map((part) => (
              <tr key={part} className="border-b border-line">
                <th scope="row" className="pr-3 font-semibold">
                  {part + 1}
                </th>
                {who.flatMap((person, nth) =>
                  range(repeats).map((repeat) => (
                    <td key={`${person} ${repeat}`} className="p-1">
                      <input
                        aria-label={`Part ${part + 1}, ${person}, reading ${repeat + 1}`}
                        inputMode="decimal"
                        autoComplete="off"
                        value={cells[key(part, nth, repeat)] ?? ''}
                        onChange={(event) =>
                          setCells({ ...cells, [key(part, nth, repeat)]: event.target.value })
                        }
                        className="reading min-h-11 w-full min-w-24 rounded-edge border-2 border-line bg-panel px-2"
                      />
                    </td>
                  )),
                )}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {failure && at('name') === undefined && at('tolerance') === undefined && (
        <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
          {failure.message}
        </p>
      )}
      <p role="status" className={soFar.data?.complete ? 'text-title font-semibold' : ''}>
        {soFar.data?.sentence ??
          'Say the tolerance, and type the readings: what they come to stands here.'}
      </p>
      <Button
        look="now"
        className="self-start"
        disabled={!soFar.data?.complete}
        onClick={() => keep.mutate(body, { onSuccess: () => void navigate(`/drawer/${gauge}`) })}
      >
        Keep the study
      </Button>
    </div>
  );
}
