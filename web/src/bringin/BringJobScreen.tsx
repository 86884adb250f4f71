import { useState } from 'react';
import { Link } from 'react-router';
import { type JobFile, type NamedAlike, useBringJobIn, useLookAtJobFile } from '../api/bringIn';
import { newId } from '../api/newId';
import { Button } from '../ui/Button';
import { counted } from '../ui/counted';
import { PickFile } from '../ui/PickFile';
import { Shell } from '../ui/Shell';
import { HowFar } from './HowFar';

/** A whole job out of a file, looked at before anything of it is kept. */
export function BringJobScreen() {
  const [file, setFile] = useState<File | undefined>();
  const [said, setSaid] = useState<Record<string, 'same' | 'other'>>({});
  const [id, setId] = useState(newId);
  const look = useLookAtJobFile();
  const bring = useBringJobIn();
  const pick = (picked: File) => {
    setFile(picked);
    setSaid({});
    bring.reset();
    look.mutate(picked);
  };
  const found = look.data;
  const failure = look.error ?? bring.error;
  const open = (found?.named ?? []).filter((each) => said[codeOf(each)] === undefined);
  const keep = () => {
    if (file) {
      const of = (which: 'same' | 'other') =>
        Object.keys(said).filter((code) => said[code] === which);
      const next = newId();
      setId(next);
      bring.mutate({ file, id: next, same: of('same'), other: of('other') });
    }
  };
  return (
    <Shell
      title="A job from a file"
      head={<h1 className="text-body font-semibold">A job from a file</h1>}
      say={bring.data?.sentence ?? found?.sentence ?? ''}
    >
      <div className="mx-auto flex w-full max-w-4xl flex-col gap-5 p-4 tablet:p-6">
        <p>
          A job that was written out by Jaw Read, here or in another shop: <em>Take it along</em>,
          on the page of its report. It is shown first; nothing is kept before you say so.
        </p>
        <PickFile label="The job’s file (JSON)" accept=".json,application/json" onPick={pick} />
        {bring.isPending && <HowFar key={id} id={id} />}
        {failure && (
          <p role="alert" className="border-l-8 border-near pl-4 font-semibold">
            {failure.message}
          </p>
        )}
        {found && !bring.data && (
          <>
            <Found found={found} />
            {found.named.length > 0 && (
              <section aria-label="Known here by the same name">
                <h2 className="border-b-2 border-ink text-body font-bold">
                  Known here by the same name: is it the same?
                </h2>
                <ul>
                  {found.named.map((each) => (
                    <Alike
                      key={codeOf(each)}
                      of={each}
                      said={said[codeOf(each)]}
                      onSay={(what) => setSaid({ ...said, [codeOf(each)]: what })}
                    />
                  ))}
                </ul>
              </section>
            )}
            {found.state !== 'again' && (
              <div className="flex flex-wrap items-center gap-4">
                <Button look="now" disabled={open.length > 0 || bring.isPending} onClick={keep}>
                  {found.state === 'new' ? 'Bring it in' : 'Bring in what is new'}
                </Button>
                {open.length > 0 && (
                  <p className="font-semibold">
                    Say of {counted(open.length, 'more name', 'more names')} whether it is the same.
                  </p>
                )}
              </div>
            )}
          </>
        )}
        {bring.data && (
          <section aria-label="Brought in" className="border-l-8 border-in pl-4">
            <p className="text-title font-bold">{bring.data.sentence}</p>
            <p className="mt-2">
              <Link
                to={`/jobs/${bring.data.job}`}
                className="underline decoration-line underline-offset-4"
              >
                Open {bring.data.name}
              </Link>
            </p>
          </section>
        )}
      </div>
    </Shell>
  );
}

const codeOf = ({ what, name }: NamedAlike) => `${what}:${name}`;

function Found({ found }: { found: JobFile }) {
  const facts: [string, string][] = [
    ['Measured in', found.home],
    ['About', found.about],
    ['Holds', holds(found)],
    ['New people', found.newPeople.join(', ')],
    ['New gauges', found.newGauges.join(', ')],
  ];
  return (
    <section aria-label="What it holds" className="border-2 border-ink bg-panel p-4">
      <h2 className="text-title">{found.name}</h2>
      <p className="mt-1 font-semibold">{found.sentence}</p>
      <dl className="mt-3 grid grid-cols-[8rem_minmax(0,1fr)] gap-x-4 gap-y-1">
        {facts
          .filter(([, of]) => of !== '')
          .map(([name, of]) => (
            <div key={name} className="contents">
              <dt className="label">{name}</dt>
              <dd>{of}</dd>
            </div>
          ))}
      </dl>
      {found.signed.map((sentence) => (
        <p key={sentence} className="mt-2">
          {sentence}
        </p>
      ))}
    </section>
  );
}

const holds = ({ plans, parts, features, readings }: JobFile) =>
  [
    counted(plans, 'plan', 'plans'),
    counted(parts, 'part', 'parts'),
    counted(features, 'feature', 'features'),
    counted(readings, 'reading', 'readings'),
  ].join(', ');

interface AlikeProps {
  of: NamedAlike;
  said: 'same' | 'other' | undefined;
  onSay: (what: 'same' | 'other') => void;
}

function Alike({ of, said, onSay }: AlikeProps) {
  const choice = (what: 'same' | 'other', words: string, disabled = false) => (
    <label className="flex min-h-11 items-center gap-2">
      <input
        type="radio"
        name={codeOf(of)}
        checked={said === what}
        disabled={disabled}
        onChange={() => onSay(what)}
        className="size-5"
      />
      {words}
    </label>
  );
  return (
    <li className="border-b border-line py-2">
      <fieldset className="flex flex-wrap items-center gap-x-6">
        <legend className="contents">
          <span className="w-64 font-semibold">
            {of.name}
            <span className="label block">{of.here || of.what}</span>
          </span>
        </legend>
        {choice('same', 'the same', !of.canBeSame)}
        {choice('other', `another: ${of.otherwise} here`)}
        {!of.canBeSame && (
          <span className="text-label text-quiet">Of another kind, range or step.</span>
        )}
      </fieldset>
    </li>
  );
}
