import { useGaugePort } from '../api/signals';

/** Whether the port is open, who speaks there, and what was said last: for whoever attaches a gauge. */
export function GaugePort() {
  const port = useGaugePort(true).data;
  if (port === undefined) {
    return null;
  }
  const { trouble, boxes, speaking, serial, lines } = port;
  return (
    <div className="mt-3">
      <p>
        {port.port === undefined ? (
          (trouble && `It could not be opened: ${trouble}.`) || 'It is closed: no gauge is heard.'
        ) : (
          <>
            Open at port <strong>{port.port}</strong>.{' '}
            {boxes === 0
              ? 'No box is attached.'
              : `${boxes === 1 ? 'One box is' : `${boxes} boxes are`} attached${speaking.length > 0 ? `, speaking for ${speaking.join(', ')}` : ''}.`}
          </>
        )}
      </p>
      {serial.map(({ gauge, port: at, baud, trouble: why }) => (
        <p key={at} className={why ? 'border-l-4 border-near pl-3 font-semibold' : ''}>
          {gauge}: {why ?? `at the serial port ${at}, ${baud} baud.`}
        </p>
      ))}
      {lines.length > 0 && (
        <table className="mt-2 w-full border-collapse text-left text-label">
          <caption className="text-left font-semibold">Said last</caption>
          <thead>
            <tr className="border-b-2 border-ink">
              <th scope="col">Line</th>
              <th scope="col">Answer</th>
            </tr>
          </thead>
          <tbody>
            {lines.slice(0, 10).map(({ at, line, answer }, i) => (
              <tr key={`${at} ${i}`} className="border-b border-line align-top">
                <td className="py-1 pr-3 font-mono wrap-anywhere">{line}</td>
                <td className="py-1 wrap-anywhere">{answer}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  );
}
