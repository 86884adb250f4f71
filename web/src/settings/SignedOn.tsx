import { useEndTicket } from '../api/acts';
import { useShop, useSignedOn } from '../api/queries';
import { momentSaid } from '../ui/days';
import { UntilEnded } from './UntilEnded';

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
      <UntilEnded
        none="Nobody."
        all={signedOn.map(({ id, person, where, since, until }) => ({
          id,
          name: person,
          says: `${where}, since ${momentSaid(since)}, until ${momentSaid(until)}`,
          end: `End it for ${person}, ${where}`,
        }))}
        isEnding={end.isPending}
        failure={end.error}
        onEnd={(id) => end.mutate(id)}
      />
      <p className="mt-2 text-label text-quiet">
        It ends by itself after thirty days. Whoever’s is ended touches their name again; what they
        typed waits until then.
      </p>
    </section>
  );
}
