import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { Problem, SettingUp } from '../api/client';
import { useShop } from '../api/queries';
import { useSettingUp } from '../api/ready';
import { momentSaid } from '../ui/days';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { PutBack } from './PutBack';
import { SixSteps } from './SixSteps';
import { type Whence, whenceOf } from './whence';

/** Setting a comparator, or a micrometer near a size: put back on its master where it stands right already, else set in six steps. */
export function SetScreen() {
  const gauge = Number(useParams()['gauge']);
  const [search] = useSearchParams();
  const [wanted, setWanted] = useState(search.get('wanted') ?? '');
  const part = search.get('part');
  const walk = search.get('walk');
  const settingUp = useSettingUp(gauge, wanted);
  const failure = settingUp.error as Problem | null;
  // A size that cannot be leaves the rest as it was.
  const known = useSettingUp(gauge, '').data;
  const shown = settingUp.data ?? known;
  if (shown === undefined) {
    return (
      <Shell title="Set on a master">
        {failure && <Notice title="This cannot be set" words={failure.message} back />}
        {settingUp.failureCount > 0 && !failure && <ServerAwayNotice />}
      </Shell>
    );
  }
  return (
    <Setting
      key={gauge}
      settingUp={failure ? (known ?? shown) : shown}
      wanted={wanted}
      refused={failure?.field === 'wanted' ? failure.message : undefined}
      whence={whenceOf(gauge, part, walk)}
      putBackFirst={search.has('back')}
      onWanted={setWanted}
    />
  );
}

interface SettingProps {
  settingUp: SettingUp;
  wanted: string;
  refused: string | undefined;
  whence: Whence;
  putBackFirst: boolean;
  onWanted: (text: string) => void;
}

function Setting({ settingUp, wanted, refused, whence, putBackFirst, onWanted }: SettingProps) {
  const nobody = useShop().data?.person === undefined;
  const [anew, setAnew] = useState(
    !putBackFirst || settingUp.now === undefined || settingUp.micrometer,
  );
  const { now, shopNumber, name, life, before } = settingUp;
  return (
    <Shell
      title={`Set ${shopNumber}`}
      head={
        <>
          <h1 className="text-body font-bold">Set {shopNumber}</h1>
          <span className="hidden text-quiet tablet:inline">{name}</span>
          <Link to={whence.to} className="text-quiet underline decoration-line underline-offset-4">
            {whence.here}
          </Link>
        </>
      }
    >
      <div className="mx-auto grid w-full max-w-7xl gap-6 p-4 tablet:p-6 bench:grid-cols-[minmax(0,1fr)_22rem]">
        <div className="flex min-w-0 flex-col gap-4">
          {nobody && (
            <p className="border-l-4 border-ink pl-3 font-semibold">
              A setting bears a name: say first, at the top, who you are.
            </p>
          )}
          {anew ? (
            <SixSteps
              settingUp={settingUp}
              wanted={wanted}
              refused={refused}
              whence={whence}
              onWanted={onWanted}
            />
          ) : (
            now && <PutBack settingUp={settingUp} whence={whence} onAnew={() => setAnew(true)} />
          )}
        </div>
        <aside aria-label="Where it stands" className="flex flex-col gap-3">
          <h2 className="border-b-2 border-ink text-body">Where it stands</h2>
          {now ? (
            <>
              <p className="reading text-title">
                {now.size.text} {now.size.unit}
              </p>
              <p>{now.sentence}</p>
              {now.old && <p className="border-l-4 border-near pl-3 font-semibold">{now.old}</p>}
              {anew && !settingUp.micrometer && (
                <button
                  type="button"
                  onClick={() => setAnew(false)}
                  className="min-h-11 self-start underline decoration-line underline-offset-4"
                >
                  Put it back on its master instead
                </button>
              )}
            </>
          ) : (
            <p className="text-quiet">It was never set here.</p>
          )}
          <p className="text-label text-quiet">{life}</p>
          {before.length > 0 && (
            <>
              <h2 className="mt-2 border-b-2 border-ink text-body">Set before</h2>
              <ul aria-label="Settings">
                {before.slice(0, 8).map(({ id, at, person, sentence }) => (
                  <li key={id} className="border-b border-line py-1 text-label">
                    {momentSaid(at)}, {person}: {sentence}
                  </li>
                ))}
              </ul>
            </>
          )}
        </aside>
      </div>
    </Shell>
  );
}
