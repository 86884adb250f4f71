import { Fragment } from 'react';
import type { TableIn } from '../api/bringIn';

/** Each row with what was understood of it, or why it cannot be kept. */
export function Rows({ found }: { found: TableIn }) {
  const left = found.good + found.bad - found.rows.length;
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-collapse text-left">
        <caption className="sr-only">Rows as they were understood</caption>
        <thead>
          <tr className="border-b-2 border-ink text-label">
            {[
              'Line',
              'Part',
              'Feature',
              'Place',
              'Reading',
              'Understood as',
              'Limits',
              'Gauge',
            ].map((name) => (
              <th key={name} scope="col" className="py-1 pr-4">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {found.rows.map((row, at) => (
            <Fragment key={at}>
              <tr className={row.problem ? '' : 'border-b border-line'}>
                <td className="py-1 pr-4 text-quiet">{row.line}</td>
                <td className="py-1 pr-4 whitespace-nowrap">{row.part}</td>
                <td className="py-1 pr-4 whitespace-nowrap">{row.feature}</td>
                <td className="py-1 pr-4">{row.place}</td>
                <td className="reading py-1 pr-4 font-semibold whitespace-nowrap">{row.figure}</td>
                <td className="reading py-1 pr-4 whitespace-nowrap">{row.size}</td>
                <td className="py-1 pr-4 whitespace-nowrap text-quiet">{row.limits}</td>
                <td className="py-1">{row.gauge}</td>
              </tr>
              {row.problem && (
                <tr className="border-b border-line">
                  <td />
                  <td colSpan={7} className="pb-2">
                    <strong className="sticky left-0 block max-w-[75vw] border-l-4 border-ink pl-2">
                      {`Line ${row.line}${row.column ? `, ${row.column}` : ''}: ${row.problem}`}
                    </strong>
                  </td>
                </tr>
              )}
            </Fragment>
          ))}
        </tbody>
      </table>
      {left > 0 && <p className="mt-2 text-label text-quiet">And {left} more that are good.</p>}
    </div>
  );
}
