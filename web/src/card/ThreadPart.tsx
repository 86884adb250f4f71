import type { Schemas } from '../api/client';
import { useThread } from '../api/card';
import { useShop } from '../api/queries';
import { DrawnThread } from '../drawings/DrawnThread';
import { refusedAt } from '../ui/refusedAt';
import { signed } from '../ui/signed';
import { Size } from '../ui/Size';
import { tied } from '../ui/tied';
import { answerOf } from './answer';
import { CardField } from './CardField';
import { CardPage } from './CardPage';
import { useTyped } from './useTyped';

/** A thread by its name: its drill, the drills on either side, the holes that let it through. */
export function ThreadPart() {
  const unit = useShop().data?.unit ?? 'mm';
  const [{ text, engagement }, change] = useTyped({ text: 'M8', engagement: '' });
  const thread = useThread({ text, engagement, unit });
  const { failure, found, now } = answerOf(thread, text.trim() !== '');
  return (
    <CardPage part="threads" take={now?.best && `${now.best.size.text} ${now.best.size.unit}`}>
      <div className="grid gap-5 bench:grid-cols-[22rem_minmax(0,1fr)]">
        <section aria-label="The thread" className="flex flex-col gap-3">
          <CardField
            first
            label="Thread"
            value={text}
            hint="M8, M8 x 1, 3/8-16, #8-32"
            refused={refusedAt(failure, 'text')}
            means={found && `${found.name}, ${found.series}`}
            onType={(typed) => change({ text: typed })}
          />
          <CardField
            label="How much of its height is wanted, %"
            value={engagement}
            hint="75"
            refused={refusedAt(failure, 'engagement')}
            onType={(typed) => change({ engagement: typed })}
          />
          {found && <Facts thread={found} />}
        </section>
        {found && (
          <section aria-label="Its drill" aria-live="polite" className="flex flex-col gap-4">
            <p className="text-title font-semibold">{tied(found.sentence)}</p>
            {found.best && (
              <div className="border-2 border-line bg-panel p-3">
                <DrawnThread
                  left={found.best.left}
                  percent={found.best.engagement}
                  diameter={`${found.diameter.text} ${found.diameter.unit}`}
                  drill={`${found.best.size.text} ${found.best.size.unit}`}
                />
              </div>
            )}
            <Drills thread={found} />
          </section>
        )}
      </div>
    </CardPage>
  );
}

function Facts({ thread }: { thread: Schemas['ThreadView'] }) {
  return (
    <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1">
      <dt className="label">over its crests</dt>
      <dd>
        <Size length={thread.diameter} />
      </dd>
      <dt className="label">{thread.perInch ? `pitch, ${thread.perInch} to the inch` : 'pitch'}</dt>
      <dd>
        <Size length={thread.pitch} />
      </dd>
      <dt className="label">drill for {thread.engagement} %</dt>
      <dd>
        <Size length={thread.drill} />
      </dd>
      {thread.clearance.map(({ fit, size }) => (
        <div key={fit} className="contents">
          <dt className="label">lets it through, {fit.toLowerCase()}</dt>
          <dd>
            <Size length={size} />
          </dd>
        </div>
      ))}
    </dl>
  );
}

function Drills({ thread }: { thread: Schemas['ThreadView'] }) {
  return (
    <table className="w-full border-collapse text-left">
      <thead>
        <tr className="label border-b-2 border-ink">
          <th className="py-1 font-normal">Drills</th>
          <th className="font-normal">Size</th>
          <th className="text-right font-normal max-tablet:hidden">Off by</th>
          <th className="text-right font-normal">Height left</th>
        </tr>
      </thead>
      <tbody>
        {thread.sets.flatMap(({ kind, title, drills }) =>
          drills.map((drill, i) => (
            <tr
              key={kind + drill.name}
              className={`border-b border-line ${drill.isNearest ? 'font-semibold' : ''}`}
            >
              <th scope="row" className="py-1 text-left font-normal">
                <span className="label inline-block w-36 max-tablet:block">{i === 0 && title}</span>
                <span className={drill.isNearest ? 'font-bold' : ''}>{drill.name}</span>
                {drill.isNearest && <span className="label ml-2">nearest</span>}
                {drill.remark && (
                  <span className="ml-2 text-label max-tablet:block">{drill.remark}</span>
                )}
              </th>
              <td>
                <span className="reading">
                  {drill.size.text} {drill.size.unit}
                </span>{' '}
                <span className="label max-tablet:block">{drill.size.other}</span>
              </td>
              <td className="reading text-right max-tablet:hidden">{signed(drill.error)}</td>
              <td className="reading text-right">{drill.engagement} %</td>
            </tr>
          )),
        )}
      </tbody>
    </table>
  );
}
