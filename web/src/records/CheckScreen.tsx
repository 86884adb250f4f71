import { useState } from 'react';
import { Link } from 'react-router';
import { pathToReport } from '../api/client';
import { useCheckRecord } from '../api/records';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { inBase64 } from '../ui/files';
import { PickFile } from '../ui/PickFile';
import { Shell } from '../ui/Shell';

/** Whether a record still is what was signed: by the hash on its report, or by the report’s file. */
export function CheckScreen() {
  const check = useCheckRecord();
  const [hash, setHash] = useState('');
  const byFile = async (file: File) => check.mutate({ file: await inBase64(file) });
  const found = check.data;
  return (
    <Shell
      title="Check a record"
      say={found?.sentence ?? check.error?.message ?? ''}
      head={<h1 className="text-body font-bold">Check a record</h1>}
    >
      <div className="mx-auto flex w-full max-w-3xl flex-col gap-5 p-4 tablet:p-6">
        <p>
          Each signed report bears the hash of its record. Here it is held against what this shop
          has kept: the frozen copy, the signatures, and every reading in the tables.
        </p>
        <form
          className="flex flex-col gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            check.mutate({ hash });
          }}
        >
          <Field
            label="Hash, 64 digits"
            value={hash}
            hint="3f2a …"
            sends
            onType={setHash}
            onWrite={setHash}
          />
          <Button look="now" type="submit" className="self-start">
            Check the hash
          </Button>
        </form>
        <PickFile
          label="Or the report’s file, or the record as JSON"
          accept=".pdf,.json"
          onPick={(file) => void byFile(file)}
        />
        {check.error && (
          <p role="alert" className="border-l-8 border-near pl-4 font-semibold">
            {check.error.message}
          </p>
        )}
        {found && (
          <section
            aria-label="What was found"
            className={`border-l-8 pl-4 ${found.fits ? 'border-in' : 'border-gone'}`}
          >
            <p className="text-title font-bold">{found.sentence}</p>
            <ul className="mt-2">
              {found.misfits.map((misfit) => (
                <li key={misfit}>{misfit}</li>
              ))}
            </ul>
            <p className="mt-2">
              <Link
                to={pathToReport(found.job)}
                className="underline decoration-line underline-offset-4"
              >
                The report of {found.name}
              </Link>
            </p>
            <p className="mt-2 text-label text-quiet">
              A hash shows whether something was changed, not who made it.
            </p>
          </section>
        )}
      </div>
    </Shell>
  );
}
