import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { type KeyboardEvent, useLayoutEffect, useRef, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { answered, client, type QuickSizeBody } from '../api/client';
import { newId } from '../api/newId';
import { keys, queries, useGauges, useShop } from '../api/queries';
import { toneOf, VerdictMark } from '../drawings/VerdictMark';
import { WindowPicture } from '../drawings/WindowPicture';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { useFromCard } from '../ui/fromCard';
import { KINDS } from '../ui/labels';
import { useRemembered } from '../ui/remembered';
import { Size } from '../ui/Size';
import { tied } from '../ui/tied';

const MEASURED = Object.fromEntries(Object.entries(KINDS).filter(([kind]) => kind !== 'looked-at'));

/** One size judged at once, with no job: limits, figure, gauge; kept into a new job with one key when it is wanted after all. */
export function QuickSize() {
  const shop = useShop().data;
  const gauges = (useGauges().data ?? []).filter(
    ({ mayMeasure, reader, tries }) => mayMeasure && reader === undefined && tries.length === 0,
  );
  const navigate = useNavigate();
  const [kind, setKind] = useState('outside');
  // The card sends its figure here.
  const [search] = useSearchParams();
  const sent = search.get('limits');
  const [limits, setLimits] = useState(sent ?? '');
  const fromCard = useFromCard();
  const figureField = useRef<HTMLInputElement>(null);
  useLayoutEffect(() => {
    if (sent !== null) {
      figureField.current?.focus();
    }
  }, [sent]);
  const [figure, setFigure] = useState('');
  const [inHand, setInHand] = useRemembered('quick gauge', '');
  const gauge = gauges.find(({ id }) => String(id) === inHand);
  const body: QuickSizeBody = { kind, limits, figure, ...(gauge ? { gauge: gauge.id } : {}) };
  const judged = useQuery({
    queryKey: ['quick size', body],
    queryFn: () => answered(client.POST('/api/v1/quick-size', { body })),
    enabled: limits !== '' || figure !== '',
    placeholderData: keepPreviousData,
    gcTime: 10_000,
  });
  const [id] = useState(newId);
  const keep = useMutation({
    mutationFn: () =>
      answered(client.PUT('/api/v1/quick-sizes/{id}', { params: { path: { id } }, body })),
    onSuccess: ({ part, feature }) => {
      void queries.invalidateQueries({ queryKey: keys.bench });
      void navigate(`/parts/${part}/features/${feature}`);
    },
  });
  const view = limits !== '' || figure !== '' ? judged.data : undefined;
  const canKeep = view?.verdict !== undefined && gauge !== undefined && shop?.person !== undefined;
  const press = (event: KeyboardEvent) => {
    if (event.key === 'Enter' && event.ctrlKey && canKeep) {
      event.preventDefault();
      keep.mutate();
    }
  };
  const text =
    'reading min-h-touch w-full rounded-edge border-2 border-line bg-paper px-4 text-title placeholder:text-quiet placeholder:font-normal';
  return (
    <section
      aria-labelledby="quick"
      onKeyDown={press}
      className="grid gap-4 border-2 border-line bg-panel p-5 bench:grid-cols-[minmax(0,1fr)_22rem]"
    >
      <div className="flex flex-col gap-3">
        <h2 id="quick" className="text-title">
          Quick size
        </h2>
        <div className="grid gap-3 tablet:grid-cols-2">
          <label>
            <span className="label mb-1 block">Limits, as on the drawing</span>
            <input
              value={limits}
              placeholder="25 k6"
              autoComplete="off"
              spellCheck={false}
              aria-describedby="quick-limits"
              onKeyDown={(event) => {
                if (event.key === 'F4' && fromCard !== '') {
                  event.preventDefault();
                  setLimits(fromCard);
                }
              }}
              onChange={(event) => setLimits(event.target.value)}
              className={text}
            />
          </label>
          <label>
            <span className="label mb-1 block">
              Figure{gauge ? `, ${gauge.unit}` : shop ? `, ${shop.unit}` : ''}
            </span>
            <input
              ref={figureField}
              value={figure}
              placeholder="25.008"
              autoComplete="off"
              spellCheck={false}
              aria-describedby="quick-figure"
              onChange={(event) => setFigure(event.target.value)}
              className={text}
            />
          </label>
          <Choice label="Of what" value={kind} choices={MEASURED} onChoose={setKind} />
          <Choice
            label="Read with"
            value={gauge ? inHand : ''}
            choices={Object.fromEntries([
              ['', 'not said'],
              ...gauges.map((each) => [String(each.id), `${each.shopNumber}, ${each.name}`]),
            ])}
            onChoose={setInHand}
          />
        </div>
        <p id="quick-limits" className="min-h-7">
          {view?.limitsRefused ? (
            <strong className="border-l-4 border-ink pl-2 font-semibold">
              {view.limitsRefused}
            </strong>
          ) : (
            view?.limits?.sentence
          )}
          {view?.doubts.map((doubt) => (
            <strong key={doubt} className="block border-l-4 border-near pl-2 font-semibold">
              {doubt}
            </strong>
          ))}
        </p>
      </div>
      <div className="flex flex-col gap-2" aria-live="polite" id="quick-figure">
        {view?.figureRefused && (
          <p className="border-l-4 border-ink pl-2 font-semibold">{view.figureRefused}</p>
        )}
        {view?.limits && (
          <WindowPicture limits={view.limits} readings={[]} value={view.size ?? undefined} />
        )}
        {view?.verdict ? (
          <>
            <p
              className={`flex items-center gap-4 text-order font-bold ${toneOf(view.verdict.mark)}`}
            >
              <VerdictMark verdict={view.verdict} size={48} />
              {view.verdict.word}
            </p>
            <p>{tied(view.verdict.sentence)}</p>
            {view.why && <p className="text-label text-quiet">{view.why}</p>}
            {view.remark && <p className="font-semibold">{view.remark}</p>}
            <Button disabled={!canKeep} onClick={() => keep.mutate()}>
              <span className="font-bold">Ctrl Enter</span> keep into a new job
              {!canKeep && (
                <span className="label block">
                  {shop?.person
                    ? 'say first with which gauge it was read'
                    : 'say first who measures'}
                </span>
              )}
            </Button>
            {keep.error && <p role="alert">{keep.error.message}</p>}
          </>
        ) : (
          <p className="text-quiet">
            {view?.size ? (
              <Size length={view.size} />
            ) : (
              'In or out, and how much is still to come off, as you type.'
            )}
          </p>
        )}
      </div>
    </section>
  );
}
