import { useState } from 'react';
import { Link } from 'react-router';
import type { Plan, Problem } from '../api/client';
import { type PartOnList, useWriteParts } from '../api/planning';
import { Button } from '../ui/Button';
import { toMeasure } from './toMeasure';
import { copyName } from './typed';

/** The list as it is being written, and the edition that it was begun on. */
interface Draft {
  parts: PartOnList[];
  edition: number;
}

/** The parts that a plan serves: written as a list, kept as one is left. */
export function PartsList({ plan }: { plan: Plan }) {
  const write = useWriteParts(plan.id);
  const [draft, setDraft] = useState<Draft | undefined>();
  const kept: PartOnList[] = plan.parts.map(({ id, name, mark, runningHours }) => ({
    id,
    name,
    mark,
    hours: runningHours ?? '',
  }));
  const parts = draft?.parts ?? kept;
  const edition = draft?.edition ?? plan.edition;
  const failure = write.error as Problem | null;
  const keep = (all: PartOnList[]) => {
    setDraft({ parts: all, edition });
    write.mutate(
      { edition, parts: all },
      // What was typed meanwhile stays, to be kept when it is left.
      { onSuccess: () => setDraft((now) => (now?.parts === all ? undefined : now)) },
    );
  };
  const change = (index: number, field: 'name' | 'mark' | 'hours', text: string) =>
    setDraft({
      edition,
      parts: parts.map((part, i) => (i === index ? { ...part, [field]: text } : part)),
    });
  const leave = () => {
    if (draft !== undefined && JSON.stringify(draft.parts) !== JSON.stringify(kept)) {
      keep(draft.parts);
    }
  };
  return (
    <section aria-label="Parts" className="flex flex-col gap-2">
      <h2 className="label">Parts measured by this plan</h2>
      <table className="w-full border-collapse text-left">
        <thead>
          <tr className="border-b-2 border-ink">
            <th scope="col" className="label py-1">
              Part
            </th>
            <th scope="col" className="label py-1">
              Serial number or mark
            </th>
            <th scope="col" className="label py-1">
              Running hours
            </th>
            <th scope="col">
              <span className="sr-only">Take off the list</span>
            </th>
          </tr>
        </thead>
        <tbody onBlur={leave}>
          {parts.map((part, i) => (
            <tr key={part.id ?? `new ${i}`} className="border-b border-line">
              {(['name', 'mark', 'hours'] as const).map((field) => (
                <td key={field} className="py-1 pr-2">
                  <input
                    aria-label={`${LABELS[field]} of part ${i + 1}`}
                    aria-invalid={failure?.field === `parts[${i}].${field}` ? true : undefined}
                    value={part[field]}
                    autoComplete="off"
                    onChange={(event) => change(i, field, event.target.value)}
                    onKeyDown={(event) => event.key === 'Enter' && leave()}
                    className="min-h-10 w-full min-w-0 rounded-edge border-2 border-line bg-paper px-2 aria-invalid:border-ink"
                  />
                </td>
              ))}
              <td className="py-1 text-right whitespace-nowrap">
                {part.id !== undefined && toMeasure(plan, part.id) !== undefined && (
                  <Link
                    to={toMeasure(plan, part.id) ?? ''}
                    aria-label={`Measure ${part.name}`}
                    className="mr-3 inline-flex min-h-11 items-center text-label underline decoration-line underline-offset-4"
                  >
                    Measure
                  </Link>
                )}
                <Button
                  small
                  className="whitespace-nowrap"
                  disabled={plan.parts.find(({ id }) => id === part.id)?.read === true}
                  aria-label={`Take ${part.name} off the list`}
                  onClick={() => keep(parts.filter((_, other) => other !== i))}
                >
                  Take off
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {failure && (
        <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
          {failure.message}
        </p>
      )}
      <Button
        small
        className="self-start"
        onClick={() =>
          write.mutate({
            edition,
            parts: [
              ...parts,
              {
                id: undefined,
                name: copyName(
                  parts.at(-1)?.name ?? plan.name,
                  parts.map(({ name }) => name),
                ),
                mark: '',
                hours: '',
              },
            ],
          })
        }
      >
        Another part
      </Button>
    </section>
  );
}

const LABELS = { name: 'Name', mark: 'Mark', hours: 'Running hours' };
