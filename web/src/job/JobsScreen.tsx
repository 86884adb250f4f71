import { type FormEvent, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Problem } from '../api/client';
import { useOpenJob } from '../api/planning';
import { useJobs, useShop, useTemplates } from '../api/queries';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { Choice } from '../ui/Choice';
import { TEMPLATES, UNITS } from '../ui/labels';
import { Shell } from '../ui/Shell';

/** All jobs, those put away too, and opening a new one. */
export function JobsScreen() {
  const jobs = useJobs().data ?? [];
  const lists = [
    { title: 'Open', all: jobs.filter(({ archived }) => !archived) },
    { title: 'Put away', all: jobs.filter(({ archived }) => archived) },
  ];
  return (
    <Shell title="Jobs" head={<h1 className="text-body font-semibold">Jobs</h1>}>
      <div className="mx-auto grid w-full max-w-6xl gap-6 p-4 tablet:p-6 bench:grid-cols-[minmax(0,1fr)_26rem]">
        <NewJob />
        <div className="flex flex-col gap-5">
          <Link
            to="/jobs/bring-in"
            className="flex min-h-touch items-center border-2 border-line bg-panel px-4 font-semibold"
          >
            A job from a file
          </Link>
          {lists
            .filter(({ all }) => all.length > 0)
            .map(({ title, all }) => (
              <section key={title} aria-label={title}>
                <h2 className="label">{title}</h2>
                <ul>
                  {all.map(({ id, name, about }) => (
                    <li key={id}>
                      <Link
                        to={`/jobs/${id}`}
                        className="block min-h-12 border-b border-line px-2 py-2 hover:bg-panel"
                      >
                        <span className="font-semibold">{name}</span>
                        <span className="label block">{about}</span>
                      </Link>
                    </li>
                  ))}
                </ul>
              </section>
            ))}
        </div>
      </div>
    </Shell>
  );
}

function NewJob() {
  const shop = useShop().data;
  const templates = useTemplates().data ?? [];
  const open = useOpenJob();
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [source, setSource] = useState('');
  const [unit, setUnit] = useState<string | undefined>();
  const [template, setTemplate] = useState('');
  const [practice, setPractice] = useState(false);
  const failure = open.error as Problem | null;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    open.mutate(
      { name, limitsSource: source, unit: unit ?? shop?.unit ?? 'mm', template, practice },
      { onSuccess: ({ id }) => void navigate(`/jobs/${id}`, { state: { planned: true } }) },
    );
  };
  const text = 'min-h-touch w-full rounded-edge border-2 border-line bg-paper px-4';
  return (
    <form
      onSubmit={submit}
      aria-labelledby="new-job"
      className="flex flex-col gap-4 border-2 border-ink bg-panel p-5"
    >
      <h2 id="new-job" className="text-title">
        A new job
      </h2>
      <label>
        <span className="label mb-1 block">Its name</span>
        <input
          value={name}
          autoFocus
          autoComplete="off"
          onChange={(event) => setName(event.target.value)}
          className={text}
        />
      </label>
      <label>
        <span className="label mb-1 block">
          Limits from: drawing and revision, or manual and page
        </span>
        <input
          value={source}
          autoComplete="off"
          onChange={(event) => setSource(event.target.value)}
          className={text}
        />
      </label>
      <Choice
        label="Its drawing is in"
        value={unit ?? shop?.unit ?? 'mm'}
        choices={UNITS}
        onChoose={setUnit}
      />
      <fieldset>
        <legend className="label">Start from</legend>
        <div className="mt-1 grid gap-2 tablet:grid-cols-2">
          {['', ...templates].map((code) => {
            const [title, holds] = code === '' ? EMPTY : (TEMPLATES[code] ?? [code, '']);
            return (
              <label
                key={code}
                className={`flex min-h-touch items-center gap-3 border-2 px-4 py-2 ${
                  template === code ? 'border-ink bg-paper' : 'border-line'
                }`}
              >
                <input
                  type="radio"
                  name="template"
                  value={code}
                  checked={template === code}
                  onChange={() => setTemplate(code)}
                  className="size-5"
                />
                <span>
                  <span className="font-semibold">{title}</span>
                  <span className="label block">{holds}</span>
                </span>
              </label>
            );
          })}
        </div>
      </fieldset>
      <Check
        label="For practice, for ever: it counts nowhere else, and takes what a simulated gauge sends"
        checked={practice}
        onCheck={setPractice}
      />
      {failure && (
        <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
          {failure.message}
        </p>
      )}
      <Button type="submit" look="now">
        Plan it
      </Button>
    </form>
  );
}

const EMPTY = ['Nothing yet', 'features typed or pasted'] as const;
