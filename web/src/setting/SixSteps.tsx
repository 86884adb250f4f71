import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { pathToReady, type Problem, type SettingUp } from '../api/client';
import { useKeepSetting } from '../api/ready';
import { SetMaster } from '../drawings/SetMaster';
import { ThumbTest } from '../drawings/ThumbTest';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { refusedAt } from '../ui/refusedAt';

type Way = 'rise' | 'fall';

interface SixStepsProps {
  settingUp: SettingUp;
  wanted: string;
  refused: string | undefined;
  part: number | undefined;
  onWanted: (text: string) => void;
}

const STEP_OF: Record<string, number> = {
  wanted: 1,
  master: 2,
  temperature: 3,
  pressed: 4,
  graduation: 5,
  rocked: 6,
  returned: 6,
};

/** The six steps, one open at a time; what was settled stands in a line of its own and can be opened again. */
export function SixSteps({ settingUp, wanted, refused, part, onWanted }: SixStepsProps) {
  const { gauge, shopNumber, unit, graduation, graduations, masters, nothing } = settingUp;
  const keep = useKeepSetting(gauge);
  const failure = keep.error as Problem | null;
  const [step, setStep] = useState(1);
  const [master, setMaster] = useState<string | undefined>();
  const [temperature, setTemperature] = useState('');
  const [pressed, setPressed] = useState<Way | undefined>();
  const [face, setFace] = useState<string | undefined>();
  const [rocked, setRocked] = useState<Way | undefined>();
  const [returned, setReturned] = useState('');
  const [all, setAll] = useState(false);
  // The best known of each kind; what else there is comes on demand.
  const offered = masters.filter(
    (each, i) =>
      all || each.key === master || masters.findIndex(({ kind }) => kind === each.kind) === i,
  );
  const on = masters.find(({ key }) => key === master) ?? masters[0];
  const go = (to: number) => {
    keep.reset();
    setStep(to);
  };
  const set = () =>
    keep.mutate(
      {
        wanted,
        master: on?.key ?? '',
        temperature,
        graduation: face ?? '',
        pressed: pressed ?? '',
        rocked: rocked ?? '',
        returned,
      },
      {
        onError: (error) => {
          const problem = error as Problem;
          if (problem.code === 'sense-differs') {
            // Both looks are forgotten: which of them was wrong nobody knows yet.
            setPressed(undefined);
            setRocked(undefined);
            setStep(4);
          } else {
            setStep(STEP_OF[problem.field] ?? 6);
          }
        },
      },
    );
  if (keep.isSuccess) {
    const { now } = keep.data;
    return (
      <section aria-label="Set" className="flex flex-col gap-4 border-2 border-in bg-panel p-5">
        <p role="status" className="text-title font-semibold text-in">
          {shopNumber} is set.
        </p>
        <p>{now?.sentence}</p>
        <p>
          Its figures {now?.sense === 1 ? 'grow' : 'shrink'} as the bore grows. Each reading names
          this setting.
        </p>
        <Link
          to={part === undefined ? `/drawer/${gauge}` : pathToReady(part)}
          className="inline-flex min-h-touch items-center self-start rounded-edge bg-now px-6 font-semibold text-on-now"
        >
          {part === undefined ? 'Back to the gauge' : 'Go on making ready'}
        </Link>
      </section>
    );
  }
  const steps: { title: string; told: string; body: ReactNode }[] = [
    {
      title: 'To what size',
      told: settingUp.wanted ? `${settingUp.wanted.text} ${settingUp.wanted.unit}` : wanted,
      body: (
        <>
          <Field
            label={`Set size, ${unit}`}
            value={wanted}
            hint={unit === 'in' ? '3.2509' : '44.081'}
            refused={refused}
            onType={onWanted}
            onWrite={onWanted}
          />
          <p className="text-quiet">
            Near the middle of what is to be measured: there the needle travels least.
          </p>
          <Next onNext={() => go(2)} off={wanted.trim() === '' || refused !== undefined} />
        </>
      ),
    },
    {
      title: 'On what',
      told: on ? `${on.number}, ${on.size.text} ${on.size.unit}` : '',
      body: (
        <>
          {nothing && <p className="border-l-4 border-near pl-3 font-semibold">{nothing}</p>}
          <div className="grid items-start gap-5 tablet:grid-cols-2">
            <div role="group" aria-label="Set it on" className="flex flex-col gap-2">
              {offered.map((each) => (
                <Button
                  key={each.key}
                  aria-pressed={each.key === on?.key}
                  className={`text-label ${each.key === on?.key ? 'border-ink! font-bold' : ''}`}
                  onClick={() => setMaster(each.key)}
                >
                  {each.sentence}
                </Button>
              ))}
              {offered.length < masters.length && (
                <Button small onClick={() => setAll(true)}>
                  {masters.length - offered.length} more
                </Button>
              )}
            </div>
            {on && <SetMaster on={on} />}
          </div>
          <Next onNext={() => go(3)} off={on === undefined} />
        </>
      ),
    },
    {
      title: 'One temperature',
      told: temperature.trim() === '' ? 'side by side, not measured' : `${temperature} °C`,
      body: (
        <>
          <p>
            Lay gauge, master and part side by side on metal until all are as warm as each other.
            Hold {shopNumber} by its grip, not by its tube.
          </p>
          <Field
            label="The master, °C"
            value={temperature}
            hint="if you measured it"
            refused={refusedAt(failure, 'temperature')}
            onType={setTemperature}
            onWrite={setTemperature}
          />
          <Next onNext={() => go(4)} />
        </>
      ),
    },
    {
      title: 'Which way',
      told: pressed ? `pushed in, the figures ${pressed}` : '',
      body: (
        <>
          {failure?.code === 'sense-differs' && (
            <p role="alert" className="border-l-4 border-near pl-3 font-semibold">
              {failure.message}
            </p>
          )}
          <p>
            Push the contact in with a thumb: the gauge grows shorter, as in a smaller bore. Look at
            the figures while you push.
          </p>
          <ThumbTest />
          <Ways
            label="Pushed in, the figures"
            way={pressed}
            onWay={(way) => {
              setPressed(way);
              go(5);
            }}
          />
        </>
      ),
    },
    {
      title: 'One graduation',
      told: face ? `${face} ${unit}` : '',
      body: (
        <>
          <p>Read from the face what one graduation is worth.</p>
          {failure?.field === 'graduation' && (
            <p role="alert" className="border-l-4 border-near pl-3 font-semibold">
              {failure.message}
            </p>
          )}
          <div role="group" aria-label="One graduation is" className="flex flex-wrap gap-2">
            {graduations.map(({ pm, text }) => (
              <Button
                key={pm}
                aria-pressed={face === text}
                className={face === text ? 'border-ink! font-bold' : ''}
                onClick={() => {
                  setFace(text);
                  go(6);
                }}
              >
                {text} {unit}
              </Button>
            ))}
          </div>
        </>
      ),
    },
    {
      title: 'Sweep, zero, sweep again',
      told: returned.trim() === '' ? '' : `comes back to ${returned}`,
      body: (
        <>
          <p>
            Put it into {on?.number ?? 'the master'}. Rock it along the bore to both sides until the
            needle turns back: the turning point is the smallest size. Turn the bezel to zero there.
          </p>
          <Ways
            label="Rocked away from the turning point, the figures"
            way={rocked}
            onWay={setRocked}
          />
          <Field
            label={`Take it out, sweep once more: it comes back to, in graduations of ${graduation.text}`}
            value={returned}
            hint="0"
            refused={refusedAt(failure, 'returned', 'rocked')}
            onType={setReturned}
            onWrite={setReturned}
          />
          {failure && STEP_OF[failure.field] === undefined && (
            <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
              {failure.message}
            </p>
          )}
          <Button
            look="now"
            className="self-start"
            disabled={rocked === undefined || returned.trim() === ''}
            onClick={set}
          >
            It is set: keep it
          </Button>
        </>
      ),
    },
  ];
  return (
    <ol className="flex flex-col gap-2">
      {steps.map(({ title, told, body }, i) => {
        const number = i + 1;
        return (
          <li key={title}>
            {number === step ? (
              <section
                aria-label={`Step ${number}: ${title}`}
                className="flex flex-col gap-4 border-2 border-ink bg-panel p-4 tablet:p-5"
              >
                <h2 className="flex items-baseline gap-3 text-title">
                  <span className="reading text-now">{number}</span>
                  {title}
                </h2>
                {body}
              </section>
            ) : (
              <button
                type="button"
                disabled={number > step && told === ''}
                onClick={() => go(number)}
                className="flex min-h-12 w-full items-center gap-3 border-2 border-line bg-panel px-4 text-left enabled:hover:border-quiet disabled:text-quiet"
              >
                <span className="reading w-5 font-semibold">{number}</span>
                <span className="font-medium">{title}</span>
                <span className="ml-auto text-right">{number < step && told}</span>
              </button>
            )}
          </li>
        );
      })}
    </ol>
  );
}

function Next({ onNext, off = false }: { onNext: () => void; off?: boolean }) {
  return (
    <Button look="now" className="self-start" disabled={off} onClick={onNext}>
      Next
    </Button>
  );
}

interface WaysProps {
  label: string;
  way: Way | undefined;
  onWay: (way: Way) => void;
}

/** Which way figures went. */
function Ways({ label, way, onWay }: WaysProps) {
  return (
    <div role="group" aria-label={label} className="flex flex-col gap-2">
      <span className="label">{label}</span>
      <div className="flex gap-3">
        {(['rise', 'fall'] as const).map((each) => (
          <Button
            key={each}
            aria-pressed={way === each}
            className={`grow text-center! ${way === each ? 'border-ink! font-bold' : ''}`}
            onClick={() => onWay(each)}
          >
            {each === 'rise' ? '↗ rise' : '↘ fall'}
          </Button>
        ))}
      </div>
    </div>
  );
}
