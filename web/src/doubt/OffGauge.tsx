import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import { useAnswerCheck } from '../api/acts';
import type { OffGauge as Zero } from '../api/client';
import { newId } from '../api/newId';
import { Button } from '../ui/Button';
import { momentSaid } from '../ui/days';
import { Moment } from '../ui/Moment';
import { tied } from '../ui/tied';
import { Worded } from '../ui/Worded';

const WAYS = {
  READ_AGAIN: ['Read them again', 'They count no longer; the walk asks for them anew.'],
  ACCEPT: ['Let them stand', 'They count as they were read, for the reason you give.'],
  SHIFTED: [
    'It moved at a known moment',
    'What was read from then on is put right; what was read before stands.',
  ],
} as const;

type Way = keyof typeof WAYS;

const NONE: ReadonlySet<string> = new Set();

/** A gauge that was found off, what was read on it since nobody had looked, and what becomes of that. */
export function OffGauge({ zero }: { zero: Zero }) {
  const answer = useAnswerCheck();
  const list = zero.readings.map(({ id }) => id).join(' ');
  const [choice, setChoice] = useState({ list, left: NONE });
  const [way, setWay] = useState<Way>('READ_AGAIN');
  const [since, setSince] = useState('');
  const [reason, setReason] = useState('');
  // Choices are of the list they were made in: what is left of it wants an answer of its own.
  const left = choice.list === list ? choice.left : NONE;
  const picked = zero.readings.filter(({ id }) => !left.has(id));
  const toggle = (id: string) => {
    const after = new Set(left);
    if (!after.delete(id)) {
      after.add(id);
    }
    setChoice({ list, left: after });
  };
  const give = (event: FormEvent) => {
    event.preventDefault();
    answer.mutate(
      {
        id: newId(),
        check: zero.check,
        way,
        readings: picked.map(({ id }) => id),
        reason,
        ...(way === 'SHIFTED' && since !== '' && { since: new Date(since).toISOString() }),
      },
      { onError: () => setReason(reason) },
    );
    setReason('');
  };
  return (
    <section aria-label={`${zero.number} was found off`}>
      <h2 className="text-title">
        <Link to={`/drawer/${zero.gauge}`} className="underline underline-offset-4">
          {zero.number}
        </Link>{' '}
        was found off
      </h2>
      <p className="mt-1">{tied(zero.sentence)}</p>
      <p className="text-quiet">
        {zero.since
          ? `It was last found good ${momentSaid(zero.since)}.`
          : 'Nobody had looked at it before.'}
      </p>
      <table className="mt-3 w-full border-collapse">
        <caption className="sr-only">Readings that rest on {zero.number}</caption>
        <thead>
          <tr className="border-b-2 border-line text-left">
            <th scope="col" className="label py-1 pr-5">
              answer for
            </th>
            <th scope="col" className="label py-1 pr-5">
              read
            </th>
            <th scope="col" className="label py-1 pr-5">
              on a good zero
            </th>
            <th scope="col" className="label py-1">
              where, by whom, when
            </th>
          </tr>
        </thead>
        <tbody>
          {zero.readings.map((reading) => (
            <tr key={reading.id} className="border-b border-line align-top">
              <td>
                <label className="flex min-h-11 min-w-11 items-center">
                  <input
                    type="checkbox"
                    checked={!left.has(reading.id)}
                    onChange={() => toggle(reading.id)}
                    aria-label={`${reading.size.text} at ${reading.where.path}`}
                    className="size-6"
                  />
                </label>
              </td>
              <td className="reading py-2 pr-5 whitespace-nowrap">
                {reading.size.text} {reading.size.unit}
              </td>
              <td className="reading py-2 pr-5 whitespace-nowrap">
                {reading.corrected.text} {reading.corrected.unit}
              </td>
              <td className="py-2">
                <Link
                  to={`/parts/${reading.where.part}/features/${reading.where.feature}?place=${reading.where.place}`}
                  className="font-medium underline underline-offset-4"
                >
                  {reading.where.path}
                </Link>
                <span className="block text-label text-quiet">
                  {reading.person}, {momentSaid(reading.takenAt)}
                  {reading.decides && '; the verdict of its feature rests on it'}
                </span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <form onSubmit={give} className="mt-3 flex flex-col gap-3">
        <fieldset className="flex flex-col">
          <legend className="label">What becomes of them</legend>
          {(Object.keys(WAYS) as Way[]).map((each) => (
            <label key={each} className="flex min-h-11 items-center gap-3">
              <input
                type="radio"
                name={`way ${zero.check}`}
                checked={way === each}
                onChange={() => setWay(each)}
                className="size-5"
              />
              <span>
                <strong className="font-semibold">{WAYS[each][0]}.</strong> {WAYS[each][1]}
              </span>
            </label>
          ))}
        </fieldset>
        {way === 'SHIFTED' && <Moment label="Off since" value={since} onPick={setSince} />}
        <Worded label="Why" value={reason} onType={setReason} />
        {answer.error && (
          <p role="alert" className="font-semibold">
            {answer.error.message}
          </p>
        )}
        <Button
          type="submit"
          look="now"
          disabled={picked.length === 0 || reason.trim() === '' || answer.isPending}
        >
          Answer for {picked.length} of {zero.readings.length}
        </Button>
      </form>
    </section>
  );
}
