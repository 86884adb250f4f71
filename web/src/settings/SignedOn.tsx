import { useEndTicket } from '../api/acts';
import { useShop, useSignedOn } from '../api/queries';
import { Button } from '../ui/Button';
import { momentSaid } from '../ui/days';

/** Who is signed on where, and ending that; at the shop’s own machine alone. */
export function SignedOn() {
  const here = useShop().data?.here ?? false;
  const signedOn = useSignedOn(here).data ?? [];
  const end = useEndTicket();
  if (!here) {
    return null;
  }
  return (
    <section aria-label="Signed on">
      <h2 className="border-b-2 border-ink text-body">Who is signed on where</h2>
      {signedOn.length === 0 && <p className="mt-2 text-quiet">Nobody.</p>}
      <ul className="mt-2 max-h-96 overflow-y-auto">
        {signedOn.map(({ id, person, where, since, until }) => (
          <li
            key={id}
            className="flex min-h-11 flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-1"
          >
            <span className="font-semibold">{person}</span>
            <span className="grow">
              {where}, since {momentSaid(since)}, until {momentSaid(until)}
            </span>
            <Button
              small
              aria-label={`End it for ${person}, ${where}`}
              disabled={end.isPending}
              onClick={() => end.mutate(id)}
            >
              End it
            </Button>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-label text-quiet">
        It ends by itself after thirty days. Whoever’s is ended touches their name again; what they
        typed waits until then.
      </p>
      {end.error && (
        <p role="alert" className="font-semibold">
          {end.error.message}
        </p>
      )}
    </section>
  );
}
