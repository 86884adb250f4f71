import { useState } from 'react';
import { Link } from 'react-router';
import { newId } from '../api/newId';
import {
  type JobRecord,
  type SignedRevision,
  useReopen,
  useSetAside,
  useSign,
} from '../api/records';
import { useWaiting } from '../api/useOutbox';
import { Button } from '../ui/Button';
import { counted } from '../ui/counted';
import { momentSaid } from '../ui/days';
import { Field } from '../ui/Field';
import { Secret } from '../ui/Secret';

/** Who signed the job, what became of it since, and signing it. */
export function Signing({ page }: { page: JobRecord }) {
  const { state, sentence, halfDone, records } = page;
  return (
    <section aria-label="Signatures" className="border-2 border-line bg-panel p-4">
      <h2 className="text-body font-bold">Signatures</h2>
      <p className="mt-1">{sentence}</p>
      {halfDone && state !== 'signed' && (
        <p className="mt-2 border-l-4 border-near pl-3">{halfDone} It may be signed as it is.</p>
      )}
      <ToSign page={page} />
      {page.elsewhere.map((line) => (
        <p key={line} className="mt-2 border-l-4 border-line pl-3 text-label wrap-anywhere">
          {line}
        </p>
      ))}
      {records.map((record, i) => (
        <Signed key={record.id} record={record} isLast={i === 0} />
      ))}
      <p className="mt-3 text-label">
        <Link to="/records/check" className="underline decoration-line underline-offset-4">
          Check a record
        </Link>
      </p>
    </section>
  );
}

/** Whoever stands here signs with their passphrase, if it is their turn; not while readings of this screen are on their way. */
function ToSign({ page }: { page: JobRecord }) {
  const { may, name, sentence } = page.here;
  const waiting = useWaiting().length;
  const sign = useSign(page.job);
  const [passphrase, setPassphrase] = useState('');
  if (may !== 'sign' && may !== 'countersign') {
    return sentence === '' ? null : <p className="mt-2 text-quiet">{sentence}</p>;
  }
  if (waiting > 0) {
    return (
      <p role="status" className="mt-2 border-l-4 border-near pl-3">
        {counted(waiting, 'reading')} of this screen {waiting === 1 ? 'is' : 'are'} not with the
        server yet: it can be signed once {waiting === 1 ? 'it is' : 'they are'}.
      </p>
    );
  }
  return (
    <form
      className="mt-3 flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        sign.mutate({ id: newId(), passphrase, seen: page.edition });
        setPassphrase('');
      }}
    >
      <Secret label={`Passphrase of ${name ?? ''}`} value={passphrase} onType={setPassphrase} />
      <Button look="now" type="submit" disabled={sign.isPending || passphrase === ''}>
        {sentence}
      </Button>
      {sign.error && (
        <p role="alert" className="font-semibold">
          {sign.error.message}
        </p>
      )}
    </form>
  );
}

function Signed({ record, isLast }: { record: SignedRevision; isLast: boolean }) {
  const { revision, signatures, sha256, since, cameAfter, reopened, id } = record;
  return (
    <section aria-label={`Revision ${revision}`} className="mt-4 border-t-2 border-line pt-2">
      <h3 className="font-bold">Revision {revision}</h3>
      <ul>
        {signatures.map(({ number, name, at }) => (
          <li key={number}>
            {name}, {momentSaid(at)}
          </li>
        ))}
      </ul>
      <p className="text-label break-all text-quiet">SHA-256 {sha256}</p>
      {since.map((said) => (
        <p key={said} className="mt-1 border-l-4 border-near pl-3">
          {said}
        </p>
      ))}
      {reopened && <p className="mt-1 border-l-4 border-line pl-3">{reopened}</p>}
      <p className="mt-1 text-label">
        <a
          href={`/api/v1/records/${id}/record.json`}
          className="underline decoration-line underline-offset-4"
        >
          The record itself, as JSON
        </a>
      </p>
      {isLast && !reopened && <Afterwards record={id} cameAfter={cameAfter} />}
    </section>
  );
}

/** A signed job is opened again, or what came late is set aside; each with its reason. */
function Afterwards({ record, cameAfter }: { record: string; cameAfter: number }) {
  const reopen = useReopen();
  const aside = useSetAside();
  const [reason, setReason] = useState('');
  const failure = reopen.error ?? aside.error;
  return (
    <div className="mt-2 flex flex-col gap-2">
      <Field
        label="Why"
        value={reason}
        hint="barrel 2 measured again"
        onType={setReason}
        onWrite={setReason}
      />
      <div className="flex flex-wrap gap-2">
        <Button small onClick={() => reopen.mutate({ id: newId(), record, reason })}>
          Open it again
        </Button>
        {cameAfter > 0 && (
          <Button small onClick={() => aside.mutate({ record, reason })}>
            Set {counted(cameAfter, 'reading')} aside
          </Button>
        )}
      </div>
      {failure && (
        <p role="alert" className="font-semibold">
          {failure.message}
        </p>
      )}
    </div>
  );
}
