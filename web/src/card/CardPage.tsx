import { type KeyboardEvent, type ReactNode, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useKeys } from '../keys/useKeys';
import { takeFromCard } from '../ui/fromCard';
import { Button } from '../ui/Button';
import { Key } from '../ui/Key';
import { KeysAlong } from '../ui/KeysAlong';
import { Shell } from '../ui/Shell';
import { type CardPart, PARTS } from './parts';

interface CardPageProps {
  part?: CardPart;
  /** The figure of this part that is wanted elsewhere, as it is typed. */
  take?: string | undefined;
  children: ReactNode;
}

/** One part of the card, with the way to the others by a key each; its figure is copied, or used as limits, by a key. */
export function CardPage({ part, take, children }: CardPageProps) {
  const navigate = useNavigate();
  const [said, setSaid] = useState('');
  const copy = () => {
    if (take) {
      takeFromCard(take);
      void navigator.clipboard?.writeText(take).catch(() => undefined);
      setSaid(`${take} is copied`);
    }
  };
  const use = () => {
    if (take) {
      takeFromCard(take);
      void navigate(`/?limits=${encodeURIComponent(take)}`);
    }
  };
  useKeys({
    ...Object.fromEntries(
      PARTS.map(({ key, path }) => [key, () => void navigate(`/card/${path}`)]),
    ),
    c: copy,
    u: use,
  });
  // A key acts once its field is left; Escape leaves it.
  const leave = (event: KeyboardEvent) => {
    if (event.key === 'Escape' && event.target instanceof HTMLElement) {
      event.target.blur();
    }
  };
  const name = PARTS.find(({ path }) => path === part)?.name;
  return (
    <Shell
      title={name ? `${name}, the card` : 'The card'}
      say={said}
      head={
        <h1 className="text-body font-semibold">
          {name ? (
            <>
              <Link to="/card" className="underline decoration-line underline-offset-4">
                The card
              </Link>
              : {name}
            </>
          ) : (
            'The card'
          )}
        </h1>
      }
      keys={
        <KeysAlong
          uses={[
            ['Esc', 'leave the field, then:'],
            ...PARTS.filter(({ path }) => path !== part).map(
              ({ key, name: does }) => [key.toUpperCase(), does] as const,
            ),
            ...(take
              ? ([
                  ['C', 'copy'],
                  ['U', 'to quick size'],
                ] as const)
              : []),
          ]}
        />
      }
    >
      <div
        onKeyDown={leave}
        className="mx-auto flex w-full max-w-6xl flex-col gap-5 p-4 tablet:p-6"
      >
        {part && <Ways part={part} />}
        {children}
        {take && (
          <p className="flex flex-wrap items-center gap-3 text-label">
            <Button small onClick={copy}>
              <Key>C</Key> copy {take}
            </Button>
            <Button small onClick={use}>
              <Key>U</Key> {take} to quick size
            </Button>
            <span className="text-quiet">
              {said || 'In a field of limits F4 puts in what was taken last.'}
            </span>
          </p>
        )}
      </div>
    </Shell>
  );
}

/** On a screen without keys, and for a hand that looks for the next part. */
function Ways({ part }: { part: CardPart }) {
  return (
    <nav aria-label="Parts of the card" className="flex flex-wrap gap-x-5 gap-y-1 text-label">
      {PARTS.map(({ path, name }) => (
        <Link
          key={path}
          to={`/card/${path}`}
          aria-current={path === part ? 'page' : undefined}
          className={`py-2 underline-offset-4 ${path === part ? 'border-b-4 border-ink font-semibold' : 'underline decoration-line'}`}
        >
          {name}
        </Link>
      ))}
    </nav>
  );
}
