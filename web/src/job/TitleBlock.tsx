import type { Job, Pasted } from '../api/client';
import { Check } from '../ui/Check';

export type TitleLine = Pasted['title'][number];

/** The head of a job as it would be with these lines of a title block. */
export function headWith(job: Job, lines: TitleLine[]) {
  const { name, about, limitsSource, customerReference, unit, material, temperature } = job;
  const { livesHangOnIt, decider, choices } = job;
  const head = { name, about, limitsSource, customerReference, unit, material, temperature };
  const said = (isChoice: boolean) =>
    Object.fromEntries(
      lines
        .filter(({ field }) => field in choices === isChoice)
        .map(({ field, value }) => [field, value]),
    );
  return { ...head, livesHangOnIt, decider, ...said(false), choices: said(true) };
}

interface TitleBlockProps {
  lines: TitleLine[];
  taken: boolean;
  /** Absent where it cannot be taken. */
  onTake?: (taken: boolean) => void;
}

/** What stands above the features, beside what the job says now. */
export function TitleBlock({ lines, taken, onTake }: TitleBlockProps) {
  return (
    <section aria-label="Title block" className="mt-3">
      <table className="w-full border-collapse text-left text-label">
        <caption className="text-left font-semibold">Title block</caption>
        <thead>
          <tr className="border-b-2 border-ink">
            <th scope="col">Says</th>
            <th scope="col">In the file</th>
            <th scope="col">The job, now</th>
          </tr>
        </thead>
        <tbody>
          {lines.map(({ line, word, said, value, now, refused }) => (
            <tr key={line} className="border-b border-line align-top">
              <td className="py-1 pr-3">{word}</td>
              <td className="py-1 pr-3 wrap-anywhere">
                {value === now ? said : <strong>{said}</strong>}
                {refused !== undefined && (
                  <strong className="block border-l-4 border-ink pl-2">
                    Line {line}: {refused}
                  </strong>
                )}
              </td>
              <td className="py-1 wrap-anywhere">{now === '' ? 'nothing' : now}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {onTake ? (
        <Check label="Take it for the head of this job" checked={taken} onCheck={onTake} />
      ) : (
        <p className="mt-2 font-semibold">
          The head of the job stays as it is: its title block cannot be taken as it stands.
        </p>
      )}
    </section>
  );
}
