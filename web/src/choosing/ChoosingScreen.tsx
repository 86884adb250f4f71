import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Choosing, MethodsOfFeature } from '../api/client';
import { usePick } from '../api/drawer';
import { useMethods, useShop } from '../api/queries';
import { FitnessMark } from '../drawings/FitnessMark';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { MethodCard } from './MethodCard';

/** Which gauge for which feature: the quickest that can decide it, and every other with its reason. */
export function ChoosingScreen() {
  const { plan = '' } = useParams();
  const choosing = useMethods(Number(plan));
  return (
    <Shell
      title="Gauges for the plan"
      head={
        <>
          <h1 className="text-body font-bold">Gauges for the {choosing.data?.name ?? 'plan'}</h1>
          {choosing.data && (
            <Link
              to={`/jobs/${choosing.data.job}?plan=${plan}`}
              className="text-quiet underline decoration-line underline-offset-4"
            >
              {choosing.data.jobName}
            </Link>
          )}
        </>
      }
    >
      {choosing.data && <ChoosingOf key={plan} choosing={choosing.data} />}
      {choosing.error && <Notice title="No such plan" words={choosing.error.message} back />}
      {choosing.failureCount > 0 && !choosing.error && <ServerAwayNotice />}
    </Shell>
  );
}

function ChoosingOf({ choosing }: { choosing: Choosing }) {
  const [at, setAt] = useState<string | undefined>();
  const pick = usePick(choosing.plan);
  const nobody = useShop().data?.person === undefined;
  const { features } = choosing;
  const shown = features.find(({ key }) => key === at) ?? features[0];
  if (shown === undefined) {
    return (
      <Notice
        title="Nothing to be measured yet"
        words="Plan its sizes first; then every gauge of the drawer is weighed for them here."
        back
      />
    );
  }
  return (
    <div className="mx-auto grid w-full max-w-7xl gap-6 p-4 tablet:p-6 bench:grid-cols-[24rem_minmax(0,1fr)]">
      <nav aria-label="Features" className="flex flex-col gap-2">
        <p className="font-medium">{choosing.total}</p>
        <ul className="border-2 border-line bg-panel">
          {features.map((feature) => (
            <li key={feature.key} className="border-b border-line last:border-b-0">
              <FeatureLine
                feature={feature}
                isShown={feature.key === shown.key}
                onShow={() => setAt(feature.key)}
              />
            </li>
          ))}
        </ul>
        <p className="text-label text-quiet">{choosing.school}</p>
      </nav>
      <section aria-label={`Gauges for ${shown.name}`} className="flex min-w-0 flex-col gap-3">
        <header>
          <h2 className="text-title">{shown.name}</h2>
          <p className="text-quiet">To be decided: {shown.asks}</p>
          {shown.warning && (
            <p className="mt-2 border-l-4 border-near pl-3 font-semibold">{shown.warning}</p>
          )}
          <Takes takes={shown.takes} />
          {pick.error && (
            <p role="alert" className="mt-2 border-l-4 border-ink pl-3 font-semibold">
              {pick.error.message}
            </p>
          )}
          {nobody && (
            <p className="mt-2 border-l-4 border-ink pl-3 font-semibold">
              Say first, at the top, who you are: what you have shown to hold counts.
            </p>
          )}
        </header>
        <Methods
          key={shown.key}
          feature={shown}
          nobody={nobody}
          onPick={(method) => pick.mutate({ feature: shown.key, method })}
        />
      </section>
    </div>
  );
}

/** Where none is good: what it would take, the cheapest first. */
function Takes({ takes }: Pick<MethodsOfFeature, 'takes'>) {
  return takes.length === 0 ? null : (
    <details open className="mt-2 border-2 border-line bg-panel px-4 py-2">
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">What it would take</summary>
      <div className="grid gap-x-6 gap-y-3 pb-2 tablet:grid-cols-2">
        {takes.map(({ number, remedies }) => (
          <section key={number} aria-label={`What it would take for ${number}`}>
            <h3 className="text-body font-bold">{number}</h3>
            <ul>
              {remedies.map(({ code, sentence, makesGood }) => (
                <li key={code} className="border-b border-line py-1 last:border-b-0">
                  {sentence} {makesGood && <strong className="font-bold">Then it is good.</strong>}
                </li>
              ))}
            </ul>
          </section>
        ))}
      </div>
    </details>
  );
}

interface FeatureLineProps {
  feature: MethodsOfFeature;
  isShown: boolean;
  onShow: () => void;
}

function FeatureLine({ feature, isShown, onShow }: FeatureLineProps) {
  const method = feature.methods.find(({ key }) => key === feature.inForce);
  return (
    <button
      type="button"
      aria-current={isShown}
      onClick={onShow}
      className={`grid min-h-touch w-full grid-cols-[2rem_minmax(0,1fr)_auto] items-center gap-x-3 border-l-4 px-3 py-2 text-left ${
        isShown ? 'border-ink bg-paper' : 'border-transparent hover:bg-paper'
      }`}
    >
      <FitnessMark fitness={method?.fitness ?? 'not-fit'} />
      <span>
        <span className="block font-semibold">{feature.name}</span>
        <span className="label block">
          {method ? `${method.number}, ${method.word}` : 'nothing here can'}
          {feature.picked && ', picked'}
        </span>
      </span>
      <span className="text-label text-quiet">{method?.time}</span>
    </button>
  );
}

interface MethodsProps {
  feature: MethodsOfFeature;
  nobody: boolean;
  onPick: (method: string) => void;
}

function Methods({ feature, nobody, onPick }: MethodsProps) {
  const able = feature.methods.filter(({ expanded }) => expanded !== undefined);
  const others = feature.methods.filter(({ expanded }) => expanded === undefined);
  return (
    <>
      <ul aria-label="Gauges that can be put to it" className="flex flex-col gap-2">
        {able.map((method) => (
          <li key={method.key}>
            <MethodCard
              method={method}
              inForce={method.key === feature.inForce}
              picked={feature.picked}
              nobody={nobody}
              onPick={onPick}
            />
          </li>
        ))}
      </ul>
      {others.length > 0 && (
        <details>
          <summary className="min-h-11 cursor-pointer py-2 font-semibold">
            {others.length} that cannot be put to it, and why
          </summary>
          <ul
            aria-label="Gauges that cannot be put to it"
            className="border-2 border-line bg-panel"
          >
            {others.map(({ key, number, name, word, reason, fitness }) => (
              <li
                key={key}
                className="grid min-h-11 grid-cols-[2rem_5rem_minmax(0,1fr)] items-center gap-x-3 border-b border-line px-3 py-1 last:border-b-0"
              >
                <FitnessMark fitness={fitness} />
                <strong>{number}</strong>
                <span>
                  <span className="font-medium">{word}.</span> {reason}
                  <span className="label block">{name}</span>
                </span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}
