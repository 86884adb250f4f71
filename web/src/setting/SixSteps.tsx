import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { SettingUp } from '../api/client';
import type { Whence } from './whence';
import { CloseAgain, CloseOnIt } from './closeOnIt';
import { OneGraduation, OneTemperature, OnWhat, SweepAndZero, ToWhatSize, WhichWay } from './steps';
import { useSixSteps } from './useSixSteps';

interface SixStepsProps {
  settingUp: SettingUp;
  wanted: string;
  refused: string | undefined;
  whence: Whence;
  onWanted: (text: string) => void;
}

interface Step {
  title: string;
  /** What was settled there; empty until it is. */
  told: string;
  body: ReactNode;
}

/** The six steps, one open at a time; what was settled stands in a line of its own and can be opened again. */
export function SixSteps({ settingUp, wanted, refused, whence, onWanted }: SixStepsProps) {
  const steps = useSixSteps(settingUp, wanted);
  const { step, go, settled, on, set } = steps;
  const { shopNumber, unit } = settingUp;
  if (set) {
    return (
      <section aria-label="Set" className="flex flex-col gap-4 border-2 border-in bg-panel p-5">
        <p role="status" className="text-title font-semibold text-in">
          {shopNumber} is set.
        </p>
        <p>{set.sentence}</p>
        <p>
          {steps.isMicrometer
            ? 'Read on the part as ever: the size is the master and the travel from it. '
            : settingUp.display
              ? 'It shows the size itself. '
              : `Its figures ${set.sense === 1 ? 'grow' : 'shrink'} as the bore grows. `}
          Each reading names this setting.
        </p>
        <Link
          to={whence.to}
          className="inline-flex min-h-touch items-center self-start rounded-edge bg-now px-6 font-semibold text-on-now"
        >
          {whence.onward}
        </Link>
      </section>
    );
  }
  const all: Step[] = [
    {
      title: 'To what size',
      told: settingUp.wanted ? `${settingUp.wanted.text} ${settingUp.wanted.unit}` : wanted,
      body: <ToWhatSize steps={steps} refused={refused} onWanted={onWanted} />,
    },
    {
      title: 'On what',
      told: on ? `${on.number}, ${on.size.text} ${on.size.unit}` : '',
      body: <OnWhat steps={steps} />,
    },
    {
      title: 'One temperature',
      told:
        settled.temperature.trim() === ''
          ? 'side by side, not measured'
          : `${settled.temperature} °C`,
      body: <OneTemperature steps={steps} />,
    },
    steps.showsSizes
      ? {
          title: steps.isMicrometer ? 'Close on it' : 'Preset it there',
          told: settled.shown.trim() === '' ? '' : `shows ${settled.shown}`,
          body: <CloseOnIt steps={steps} />,
        }
      : {
          title: 'Which way',
          told: settled.pressed ? `pushed in, the figures ${settled.pressed}` : '',
          body: <WhichWay steps={steps} />,
        },
    {
      title: steps.showsSizes && !steps.isMicrometer ? 'One step' : 'One graduation',
      told: settled.face ? `${settled.face} ${unit}` : '',
      body: <OneGraduation steps={steps} />,
    },
    steps.showsSizes
      ? {
          title: steps.isMicrometer ? 'Once more' : 'Sweep once more',
          told: settled.again.trim() === '' ? '' : `shows ${settled.again}`,
          body: <CloseAgain steps={steps} />,
        }
      : {
          title: 'Sweep, zero, sweep again',
          told: settled.returned.trim() === '' ? '' : `comes back to ${settled.returned}`,
          body: <SweepAndZero steps={steps} />,
        },
  ];
  return (
    <ol className="flex flex-col gap-2">
      {all.map((each, i) => (
        <li key={each.title}>
          {i + 1 === step ? (
            <section
              aria-label={`Step ${step}: ${each.title}`}
              className="flex flex-col gap-4 border-2 border-ink bg-panel p-4 tablet:p-5"
            >
              <h2 className="flex items-baseline gap-3 text-title">
                <span className="reading text-now">{step}</span>
                {each.title}
              </h2>
              {each.body}
            </section>
          ) : (
            <Closed number={i + 1} step={each} isBefore={i + 1 < step} onOpen={() => go(i + 1)} />
          )}
        </li>
      ))}
    </ol>
  );
}

interface ClosedProps {
  number: number;
  step: Step;
  isBefore: boolean;
  onOpen: () => void;
}

/** A step that is not open: its answer, where it has one, and the way back to it. */
function Closed({ number, step: { title, told }, isBefore, onOpen }: ClosedProps) {
  return (
    <button
      type="button"
      disabled={!isBefore && told === ''}
      onClick={onOpen}
      className="flex min-h-12 w-full items-center gap-3 border-2 border-line bg-panel px-4 text-left enabled:hover:border-quiet disabled:text-quiet"
    >
      <span className="reading w-5 font-semibold">{number}</span>
      <span className="font-medium">{title}</span>
      <span className="ml-auto text-right">{isBefore && told}</span>
    </button>
  );
}
