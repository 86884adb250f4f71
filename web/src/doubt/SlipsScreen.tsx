import { Link } from 'react-router';
import type { SlipLog } from '../api/client';
import { pathToDoubts } from '../api/client';
import { useSlips } from '../api/queries';
import { momentSaid } from '../ui/days';
import { Notice, ServerAwayNotice } from '../ui/Notice';
import { Shell } from '../ui/Shell';

/** Slips that were found and owned to: for practice, not for blame. */
export function SlipsScreen() {
  const slips = useSlips();
  return (
    <Shell
      title="Slips"
      head={
        <>
          <h1 className="text-body font-bold">Slips</h1>
          <Link to={pathToDoubts} className="py-2 text-label underline underline-offset-4">
            in doubt now
          </Link>
        </>
      }
    >
      <div className="mx-auto flex w-full max-w-4xl flex-col gap-6 p-4 tablet:p-6">
        {slips.data ? (
          <Log log={slips.data} />
        ) : (
          <>
            {slips.error && <Notice title="Whose slips?" words={slips.error.message} back />}
            {slips.failureCount > 0 && <ServerAwayNotice />}
          </>
        )}
      </div>
    </Shell>
  );
}

function Log({ log: { all, counts, slips } }: { log: SlipLog }) {
  return (
    <>
      <p>
        {all
          ? 'Those of everybody here: your shop has decided to show them.'
          : 'Yours, for your eyes: what was found in doubt and owned to, so that you know what to practise.'}
      </p>
      {slips.length === 0 ? (
        <p className="text-order">None was found yet.</p>
      ) : (
        <>
          <table className="w-full border-collapse">
            <caption className="text-left text-title">How often</caption>
            <tbody>
              {counts.map(({ person, gauge, slip, times }) => (
                <tr key={`${person} ${gauge} ${slip}`} className="border-b border-line">
                  <td className="reading w-16 py-2 text-title">{times}</td>
                  <th scope="row" className="py-2 text-left font-semibold">
                    {slip}
                  </th>
                  <td className="py-2">
                    {gauge}
                    {all && `, ${person}`}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <table className="w-full border-collapse">
            <caption className="text-left text-title">Each of them</caption>
            <thead>
              <tr className="border-b-2 border-line text-left">
                <th scope="col" className="label py-1">
                  read
                </th>
                <th scope="col" className="label py-1">
                  put right to
                </th>
                <th scope="col" className="label py-1">
                  slip
                </th>
                <th scope="col" className="label py-1">
                  where
                </th>
              </tr>
            </thead>
            <tbody>
              {slips.map((each) => (
                <tr key={`${each.at} ${each.read.text}`} className="border-b border-line align-top">
                  <td className="reading py-2">{each.read.text}</td>
                  <td className="py-2">
                    {each.shouldBe ? (
                      <span className="reading">{each.shouldBe.text}</span>
                    ) : (
                      'read again'
                    )}
                  </td>
                  <td className="py-2">{each.slip}</td>
                  <td className="py-2">
                    {each.job}
                    <span className="block text-label text-quiet">
                      {all && `${each.person}, `}
                      {each.gauge}, {momentSaid(each.at)}
                    </span>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </>
  );
}
