import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { textOfTable } from '../api/bringIn';
import { answered, client, type Pasted } from '../api/client';
import { PickFile } from '../bringin/PickFile';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { KINDS } from '../ui/labels';
import type { Planning } from './usePlanning';

interface PasteCardProps {
  planning: Planning;
  /** What was pasted; undefined while the card is closed. */
  text: string | undefined;
  onClose: () => void;
}

/** Features copied from a spreadsheet, with what was understood of them, before anything is kept. */
export function PasteCard({ planning, text, onClose }: PasteCardProps) {
  const [typed, setTyped] = useState<string | undefined>();
  const [failure, setFailure] = useState('');
  const given = typed ?? text ?? '';
  const pasted = useQuery({
    queryKey: ['pasted', planning.plan.id, given],
    queryFn: () =>
      answered(
        client.POST('/api/v1/plans/{plan}/pasted', {
          params: { path: { plan: planning.plan.id } },
          body: { text: given },
        }),
      ),
    enabled: given.trim() !== '',
    gcTime: 0,
  });
  const readIn = async (file: File) => {
    setFailure('');
    try {
      setTyped(await textOfTable(file));
    } catch (error) {
      setFailure(error instanceof Error ? error.message : '');
    }
  };
  const close = () => {
    setTyped(undefined);
    onClose();
  };
  const good = pasted.data?.rows.filter(isUnderstood) ?? [];
  const bad = (pasted.data?.rows.length ?? 0) - good.length;
  const add = () => {
    planning.add(good.map(({ feature }) => feature.typed));
    close();
  };
  return (
    <Dialog
      title="Features from a spreadsheet"
      words="Copy the rows there and paste them here: name and limits, or with a line of headings: name, kind, limits, service, out-of-round, taper, lies, layout."
      open={text !== undefined}
      onClose={close}
    >
      <PickFile
        label="Or read a file (CSV or XLSX)"
        accept=".csv,.tsv,.txt,.xlsx"
        onPick={(file) => void readIn(file)}
      />
      <textarea
        aria-label="Pasted rows"
        value={given}
        onChange={(event) => setTyped(event.target.value)}
        rows={4}
        spellCheck={false}
        className="mt-3 w-full rounded-edge border-2 border-line bg-paper p-2 text-label"
      />
      {failure !== '' && (
        <p role="alert" className="font-semibold">
          {failure}
        </p>
      )}
      {pasted.error && (
        <p role="alert" className="font-semibold">
          {pasted.error.message}
        </p>
      )}
      {pasted.data && <Understood pasted={pasted.data} />}
      <div className="mt-4 flex flex-wrap items-center gap-3">
        <Button look="now" disabled={good.length === 0} onClick={add}>
          {bad === 0 ? `Add ${good.length}` : `Add the ${good.length} understood`}
        </Button>
        <Button onClick={close}>Back</Button>
        {bad > 0 && (
          <p className="font-semibold">{bad} cannot be added as they stand: change them above.</p>
        )}
      </div>
    </Dialog>
  );
}

const isUnderstood = ({ feature }: Pasted['rows'][number]) =>
  Object.keys(feature.refused).length === 0;

/** Each row with its kind and limits, or why not. */
function Understood({ pasted }: { pasted: Pasted }) {
  return (
    <table className="mt-3 w-full border-collapse text-left text-label">
      <caption className="sr-only">What was understood</caption>
      <thead>
        <tr className="border-b-2 border-ink">
          <th scope="col">Line</th>
          <th scope="col">Feature</th>
          <th scope="col">Kind</th>
          <th scope="col">Understood as</th>
        </tr>
      </thead>
      <tbody>
        {pasted.rows.map(({ line, feature }) => (
          <tr key={line} className="border-b border-line align-top">
            <td className="py-1 text-quiet">{line}</td>
            <td className="py-1 font-semibold">{feature.typed.name}</td>
            <td className="py-1">{KINDS[feature.typed.kind]}</td>
            <td className="py-1">
              {Object.values(feature.refused).map((sentence) => (
                <strong key={sentence} className="block border-l-4 border-ink pl-2">
                  {sentence}
                </strong>
              ))}
              {feature.limits?.sentence}
              {feature.doubts.map((doubt) => (
                <strong key={doubt} className="block">
                  {doubt}
                </strong>
              ))}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
