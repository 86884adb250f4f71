import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { textOfTable } from '../api/bringIn';
import { answered, client, type Job, type Pasted, type Problem } from '../api/client';
import { useWriteHead } from '../api/planning';
import { PickFile } from '../ui/PickFile';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { KINDS } from '../ui/labels';
import { headWith, TitleBlock } from './TitleBlock';
import type { Planning } from './usePlanning';

interface PasteCardProps {
  job: Job;
  planning: Planning;
  /** What was pasted; undefined while the card is closed. */
  text: string | undefined;
  onClose: () => void;
}

/** Features copied from a spreadsheet, with what was understood of them, before anything is kept; a title block above them, too. */
export function PasteCard({ job, planning, text, onClose }: PasteCardProps) {
  const [typed, setTyped] = useState<string | undefined>();
  const [withTitle, setWithTitle] = useState(true);
  const [failure, setFailure] = useState('');
  const writeHead = useWriteHead(job);
  const given = typed ?? text ?? '';
  const pasted = useQuery({
    queryKey: ['pasted', planning.plan.id, given, withTitle],
    queryFn: () =>
      answered(
        client.POST('/api/v1/plans/{plan}/pasted', {
          params: { path: { plan: planning.plan.id } },
          body: { text: given, withTitle },
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
  const title = pasted.data?.title ?? [];
  const isTitleGood = title.every(({ refused }) => refused === undefined);
  const newTitle = withTitle && isTitleGood ? title.filter(({ value, now }) => value !== now) : [];
  const addFeatures = () => {
    if (good.length > 0) {
      planning.add(good.map(({ feature }) => feature.typed));
    }
    close();
  };
  const add = () => {
    if (newTitle.length === 0) {
      addFeatures();
      return;
    }
    writeHead.mutate(headWith(job, newTitle), {
      onSuccess: addFeatures,
      onError: (error) => setFailure((error as unknown as Problem).message),
    });
  };
  return (
    <Dialog
      title="Features from a spreadsheet"
      words="Copy the rows there and paste them here: name and limits, or with a line of headings: name, kind, limits, service, out-of-round, taper, lies, layout. A title block may stand above: job, limits from, unit, material."
      open={text !== undefined}
      onClose={close}
    >
      <div className="mt-3">
        <PickFile
          label="Or read a file (CSV or XLSX)"
          accept=".csv,.tsv,.txt,.xlsx"
          onPick={(file) => void readIn(file)}
        />
      </div>
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
      {title.length > 0 && (
        <TitleBlock
          lines={title}
          taken={withTitle && isTitleGood}
          {...(isTitleGood && { onTake: setWithTitle })}
        />
      )}
      {pasted.data && pasted.data.rows.length > 0 && <Understood pasted={pasted.data} />}
      <div className="mt-4 flex flex-wrap items-center gap-3">
        <Button look="now" disabled={good.length + newTitle.length === 0} onClick={add}>
          {whatIsKept(good.length, bad, newTitle.length > 0)}
        </Button>
        <Button onClick={close}>Back</Button>
        {bad > 0 && (
          <p className="font-semibold">{bad} cannot be added as they stand: change them above.</p>
        )}
      </div>
    </Dialog>
  );
}

function whatIsKept(good: number, bad: number, isWithTitle: boolean): string {
  if (good === 0 && isWithTitle) {
    return 'Keep the title block';
  }
  const features = bad === 0 ? `Add ${good}` : `Add the ${good} understood`;
  return isWithTitle ? `${features}, with the title block` : features;
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
