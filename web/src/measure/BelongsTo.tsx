import { type FormEvent, useState } from 'react';
import { useMove } from '../api/acts';
import type { Belonging, MoveAhead, Moving } from '../api/client';
import { newId } from '../api/newId';
import { useMoveAhead, useMoving } from '../api/queries';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { counted } from '../ui/counted';
import { momentSaid, timeSaid } from '../ui/days';
import { Dialog } from '../ui/Dialog';
import { tied } from '../ui/tied';
import { Worded } from '../ui/Worded';
import { useMovedLast } from './Moved';
import type { Measuring } from './useMeasuring';

interface BelongsToProps {
  measuring: Measuring;
  open: boolean;
  onClose: () => void;
}

const SCOPES = {
  part: 'all that was read on this part',
  feature: 'all of this feature',
  place: 'this place alone',
} as const;

type Scope = keyof typeof SCOPES;

const walkSaid = ({ readings, person, from, to }: Moving['walks'][number]): string =>
  `${counted(readings.length, 'reading')} by ${person}, ${momentSaid(from)}${
    from === to ? '' : ` to ${timeSaid(to)}`
  }`;

/** Readings that were taken under the wrong part or place, moved to where they belong. */
export function BelongsTo({ measuring, open, onClose }: BelongsToProps) {
  const { sheet, place } = measuring;
  const part = sheet.part.id;
  const move = useMove();
  const [id, setId] = useState(newId);
  const [scope, setScope] = useState<Scope>('part');
  const [walk, setWalk] = useState('0');
  const [to, setTo] = useState('');
  const [reason, setReason] = useState('');
  const [, moved] = useMovedLast();
  const moving = useMoving(
    part,
    {
      ...(scope !== 'part' && { feature: sheet.feature.id }),
      ...(scope === 'place' && { place: place.id }),
    },
    open,
  ).data;
  const walks = moving?.walks ?? [];
  const readings =
    walk === 'all' ? walks.flatMap((each) => each.readings) : (walks[Number(walk)]?.readings ?? []);
  const belonging =
    to === '' || readings.length === 0 ? undefined : toWhere(to, readings, part, scope);
  const ahead = useMoveAhead(part, open ? belonging : undefined);
  const target = moving && targets(moving, scope);
  const send = (event: FormEvent) => {
    event.preventDefault();
    if (belonging) {
      move.mutateAsync({ id, part, belonging, reason }).then(
        () => {
          moved({
            move: id,
            part: belonging.to,
            said: `${counted(ahead.data?.count ?? 0, 'reading')} moved to ${target?.[to] ?? ''}.`,
          });
          setId(newId());
          setReason('');
          setTo('');
          onClose();
        },
        () => undefined,
      );
    }
  };
  return (
    <Dialog
      title="These belong to …"
      words="Nothing is read again and nothing is lost: the figures move to where they were taken."
      open={open}
      onClose={onClose}
      holdsFocus
    >
      <form onSubmit={send} className="mt-4 flex flex-col gap-4">
        <Choice
          label="What was read under the wrong name"
          value={scope}
          choices={SCOPES}
          onChoose={(picked) => {
            setScope(picked as Scope);
            setWalk('0');
            setTo('');
          }}
        />
        {moving && walks.length === 0 && <p>Nothing was read there.</p>}
        {walks.length === 1 && walks[0] && <p>{walkSaid(walks[0])}</p>}
        {walks.length > 1 && (
          <Choice
            label="Which of it"
            value={walk}
            choices={{
              ...Object.fromEntries(walks.map((each, i) => [String(i), walkSaid(each)])),
              all: 'all of it',
            }}
            onChoose={setWalk}
          />
        )}
        {target && (
          <Choice
            label="It belongs to"
            value={to}
            choices={{ '': 'pick one', ...target }}
            onChoose={setTo}
          />
        )}
        {belonging && ahead.error && (
          <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
            {ahead.error.message}
          </p>
        )}
        {belonging && ahead.data && <Ahead ahead={ahead.data} />}
        <Worded label="Why" value={reason} onType={setReason} />
        {move.error && (
          <p role="alert" className="font-semibold">
            {move.error.message}
          </p>
        )}
        <div className="flex flex-wrap gap-3">
          <Button
            type="submit"
            look="now"
            disabled={!belonging || !ahead.data || reason.trim() === '' || move.isPending}
          >
            Move {belonging && ahead.data ? counted(ahead.data.count, 'reading') : 'them'}
          </Button>
          <Button onClick={onClose}>Leave them</Button>
        </div>
      </form>
    </Dialog>
  );
}

/** Parts and places to move to, by what they are asked for with. */
const targets = ({ parts, places }: Moving, scope: Scope): Record<string, string> => ({
  ...Object.fromEntries(parts.map(({ id, name }) => [`part ${id}`, name])),
  ...(scope === 'place' &&
    Object.fromEntries(places.map(({ feature, id, name }) => [`place ${feature} ${id}`, name]))),
  ...(scope === 'feature' &&
    Object.fromEntries(
      places.map(({ feature, name }) => [
        `feature ${feature}`,
        `${name.slice(0, name.lastIndexOf(', '))}, on this part`,
      ]),
    )),
});

function toWhere(to: string, readings: string[], part: number, scope: Scope): Belonging {
  const [kind, one, other] = to.split(' ');
  if (kind === 'part') {
    return { readings, to: Number(one) };
  }
  return {
    readings,
    to: part,
    feature: Number(one),
    ...(scope === 'place' && { place: Number(other) }),
  };
}

/** What it does to both. */
function Ahead({ ahead: { sides } }: { ahead: MoveAhead }) {
  return (
    <table className="w-full text-left">
      <caption className="label text-left">What it does</caption>
      <thead>
        <tr className="label border-b-2 border-line">
          <th className="py-1 pr-4 font-normal">Where</th>
          <th className="pr-4 font-normal">Now</th>
          <th className="font-normal">Then</th>
        </tr>
      </thead>
      <tbody>
        {sides.map(({ part, feature, before, after, readingsBefore, readings }) => (
          <tr key={`${part} ${feature}`} className="border-b border-line align-top">
            <th scope="row" className="py-1 pr-4 font-semibold">
              {part}, {feature}
            </th>
            <td className="pr-4">
              {before.word}, {counted(readingsBefore, 'reading')}
            </td>
            <td>
              {after.word}, {counted(readings, 'reading')}
              <span className="block text-label text-quiet">{tied(after.sentence)}</span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
