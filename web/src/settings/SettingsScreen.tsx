import type { Problem, ShopSetting } from '../api/client';
import { useChooseSetting } from '../api/planning';
import { useSettings } from '../api/queries';
import { Changes } from '../ui/Changes';
import { Check } from '../ui/Check';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { CAUTIONS, SCHOOLS, SETTINGS } from '../ui/labels';
import { Shell } from '../ui/Shell';
import { GaugePort } from './GaugePort';
import { MarkOfTheShop } from './MarkOfTheShop';
import { PeopleOfTheShop } from './PeopleOfTheShop';
import { Passphrases } from './Passphrases';
import { Programs } from './Programs';
import { SignedOn } from './SignedOn';
import { WhatIsKept } from './WhatIsKept';

const SPEAKING = 'Gauges that speak';

const GROUPS: readonly (readonly [title: string, names: readonly string[]])[] = [
  [
    'The shop',
    [
      'shop-name',
      'unit',
      'machine-reads',
      'machine-division-metric',
      'machine-division-inch',
      'sounds',
      'read-back',
      'short-entry',
      'theme',
      'materials',
    ],
  ],
  ['Gauges', ['trial-months', 'check-break-hours', 'setting-minutes', 'setting-readings']],
  [SPEAKING, ['gauge-port', 'gauge-port-number', 'serial-gauges', 'keyboard-gauges']],
  ['Warmth', ['temperature-apart', 'temperature-measured', 'room-from-twenty', 'soak-minutes']],
  ['Schools of new jobs', SCHOOLS],
  ['Rework in new jobs', ['clean-up-metric', 'clean-up-inch']],
  ['Places in new plans', ['contact-metric', 'contact-inch']],
  [
    'Sizes without a tolerance of their own',
    ['general-tolerance', 'decimals-1', 'decimals-2', 'decimals-3', 'decimals-4'],
  ],
  ['Cautions of new jobs', ['cautions']],
];

/** How this shop works. Each setting says whether it still has its starting value, or who decided otherwise. */
export function SettingsScreen() {
  const settings = useSettings().data ?? [];
  return (
    <Shell title="Settings" head={<h1 className="text-body font-semibold">Settings</h1>}>
      <div className="mx-auto flex w-full max-w-6xl flex-col gap-7 p-4 tablet:p-6">
        {GROUPS.map(([title, names]) => (
          <section key={title} aria-label={title}>
            <h2 className="border-b-2 border-ink text-body">{title}</h2>
            <div className="mt-3 grid gap-x-6 gap-y-4 tablet:grid-cols-2 bench:grid-cols-3">
              {names.map((name) => {
                const setting = settings.find((each) => each.name === name);
                return setting && <Decide key={name} setting={setting} />;
              })}
            </div>
            {title === SPEAKING && <GaugePort />}
          </section>
        ))}
        <MarkOfTheShop />
        <Changes of="settings" />
        <PeopleOfTheShop />
        <Passphrases />
        <SignedOn />
        <Programs />
        <WhatIsKept />
      </div>
    </Shell>
  );
}

/** One setting, kept as soon as it is chosen. */
function Decide({ setting }: { setting: ShopSetting }) {
  const choose = useChooseSetting();
  const { name, choice, edition, choices, changedBy } = setting;
  const label = SETTINGS[name] ?? { name };
  const failure = choose.error as Problem | null;
  const remark = changedBy ? `chosen by ${changedBy}` : 'starting value';
  const decide = (to: string) => choose.mutate({ name, edition, choice: to });
  if (name === 'cautions') {
    const chosen = choice.split(' ').filter(Boolean);
    return (
      <div className="col-span-full">
        <div className="grid tablet:grid-cols-2 bench:grid-cols-4">
          {Object.entries(CAUTIONS).map(([code, word]) => (
            <Check
              key={code}
              label={word}
              checked={chosen.includes(code)}
              onCheck={(on) =>
                decide([...chosen.filter((each) => each !== code), ...(on ? [code] : [])].join(' '))
              }
            />
          ))}
        </div>
        <p className="text-label text-quiet">{remark}</p>
      </div>
    );
  }
  return choices.length > 0 ? (
    <Choice
      label={label.name}
      value={choice}
      choices={label.choices ?? Object.fromEntries(choices.map((each) => [each, each]))}
      onChoose={decide}
      remark={failure?.message ?? remark}
    />
  ) : (
    <Field
      label={label.name}
      value={choice}
      hint={label.hint ?? ''}
      means={remark}
      refused={failure?.message}
      onWrite={decide}
    />
  );
}
