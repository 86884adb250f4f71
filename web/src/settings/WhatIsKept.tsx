import { useVerify } from '../api/acts';
import { useChain, useShop } from '../api/queries';
import { Button } from '../ui/Button';
import { momentSaid } from '../ui/days';

/** Whether what is kept is what was kept: the journal, compared with everything that it tells of. */
export function WhatIsKept() {
  const chain = useChain().data;
  const nobody = useShop().data?.person === undefined;
  const verify = useVerify();
  if (chain === undefined) {
    return null;
  }
  return (
    <section aria-label="What is kept">
      <h2 className="border-b-2 border-ink text-body">What is kept</h2>
      <p role={chain.fits === false ? 'alert' : 'status'} className="mt-2">
        {chain.fits === false && (
          <span aria-hidden="true" className="mr-3 border-2 border-ink px-2 font-semibold">
            !
          </span>
        )}
        <span className="font-semibold">{chain.sentence}</span>
        {chain.at && <span className="text-quiet"> Looked at {momentSaid(chain.at)}.</span>}
      </p>
      {chain.guards && <p className="mt-1 font-semibold">{chain.guards}</p>}
      {chain.misfits.length > 0 && (
        <ul aria-label="What does not fit" className="mt-2 max-h-96 overflow-y-auto">
          {chain.misfits.map((misfit) => (
            <li key={misfit} className="border-b border-line py-1">
              {misfit}
            </li>
          ))}
        </ul>
      )}
      <p className="mt-2 text-label text-quiet">
        Each line of the journal holds what was written with it and the digest of the line before. A
        chain shows that something was changed, not who changed it; and whoever can write the whole
        file can write a whole chain.
      </p>
      <Button
        small
        className="mt-2"
        disabled={nobody || verify.isPending}
        onClick={() => verify.mutate()}
      >
        {nobody ? 'Look again … say who you are' : 'Look again'}
      </Button>
    </section>
  );
}
