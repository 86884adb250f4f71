import { useState } from 'react';
import { Link } from 'react-router';
import { type GaugePage, type LengthText, pathToDoubts, type Problem } from '../api/client';
import { useCheck } from '../api/drawer';
import { useDoubts } from '../api/queries';
import { Button } from './Button';
import { Check } from './Check';
import { Choice } from './Choice';
import { Field } from './Field';
import { Moment } from './Moment';
import { refusedAt } from './refusedAt';

const FACES = 'faces';

/** Close it or put it on a master, say what it shows; what is done about it is asked only when it is off. */
interface ZeroCheckProps {
  page: GaugePage;
  /** What it may be off without anything being done. */
  allowed: LengthText;
}

/** Close it or put it on a master, and say what it shows and what was done about it. */
export function ZeroCheck({ page, allowed }: ZeroCheckProps) {
  const { gauge, masters, switchable, typed } = page;
  const check = useCheck(gauge.id);
  const fromNothing = Number(typed.rangeLow) === 0;
  const nearest = fromNothing ? undefined : masters[0];
  const [on, setOn] = useState(nearest ? String(nearest.id) : FACES);
  const [shown, setShown] = useState('');
  const [done, setDone] = useState('nothing');
  const [after, setAfter] = useState('');
  const [temperature, setTemperature] = useState('');
  const [made, setMade] = useState('');
  const resting = useDoubts().data?.zeros.filter((zero) => zero.gauge === gauge.id) ?? [];
  const [unitConfirmed, setUnitConfirmed] = useState(false);
  const failure = check.error as Problem | null;
  const keep = () =>
    check.mutate(
      {
        ...(on === FACES ? {} : { master: Number(on) }),
        shown,
        done,
        shownAfter: done === 'set-to-zero' ? after : '',
        temperature,
        unitConfirmed,
        ...(made !== '' && { madeAt: new Date(made).toISOString() }),
      },
      {
        onSuccess: () => {
          setShown('');
          setAfter('');
          setDone('nothing');
          setMade('');
        },
      },
    );
  return (
    <form
      aria-label="Look at its zero"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
      className="flex flex-col gap-3 border-2 border-ink bg-panel p-4"
    >
      <h2 className="text-title">Look at its zero</h2>
      <p className="text-quiet">
        Wipe both faces, look for light between them, then{' '}
        {on === FACES ? 'close it gently' : 'put it on the master'} and read. Up to {allowed.text}{' '}
        {allowed.unit} off may stay; more is set to zero. What is left is taken off each reading.
      </p>
      <div className="grid gap-3 tablet:grid-cols-2 wide:grid-cols-3">
        <Choice
          label="On"
          value={on}
          choices={{
            ...Object.fromEntries(
              masters.map((each) => [
                String(each.id),
                `${each.shopNumber}, ${(each.certified ?? each.size).text} ${each.unit}`,
              ]),
            ),
            [FACES]: 'closed faces',
          }}
          onChoose={setOn}
        />
        <Field
          label={on === FACES ? 'It shows, from zero' : 'It shows'}
          value={shown}
          hint={on === FACES ? '0, +0.001, -0.002' : 'as read on it'}
          refused={refusedAt(failure, 'shown', 'master', 'gauge')}
          onType={setShown}
          onWrite={setShown}
        />
        <Field
          label="Temperature, °C"
          value={temperature}
          hint="if you know it"
          refused={refusedAt(failure, 'temperature')}
          onType={setTemperature}
          onWrite={setTemperature}
        />
        <Choice
          label="Then"
          value={done}
          choices={{
            nothing: 'nothing was done',
            'set-to-zero': 'it was set to zero',
            'sent-away': 'it is sent away',
          }}
          onChoose={setDone}
        />
        {done === 'set-to-zero' && (
          <Field
            label="Looked at again, it shows"
            value={after}
            hint="0"
            refused={refusedAt(failure, 'shownAfter')}
            onType={setAfter}
            onWrite={setAfter}
          />
        )}
        <Moment label="Made earlier? When" value={made} onPick={setMade} />
        {switchable && (
          <Check
            label={`It stands on ${typed.unit}`}
            checked={unitConfirmed}
            onCheck={setUnitConfirmed}
          />
        )}
      </div>
      {failure &&
        refusedAt(failure, 'shown', 'master', 'gauge', 'temperature', 'shownAfter') ===
          undefined && (
          <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
            {failure.message}
          </p>
        )}
      {check.isSuccess && (
        <p role="status" className="font-semibold">
          {check.data.checks.at(-1)?.sentence}
        </p>
      )}
      {resting.length > 0 && (
        <Link
          to={pathToDoubts}
          className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
        >
          What was read on it before is in doubt: see what rests on it
        </Link>
      )}
      <Button
        look={gauge.wanted === undefined ? 'plain' : 'now'}
        type="submit"
        className="self-start"
        onClick={undefined}
      >
        Keep this look
      </Button>
    </form>
  );
}
