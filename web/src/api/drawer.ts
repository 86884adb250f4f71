import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { answered, client, type GaugePage, ifMatch, type Schemas, type TypedGauge } from './client';
import { newId } from './newId';
import { keys, queries, show } from './queries';

/** What else rests on a gauge is asked for again. */
function showGauge(page: GaugePage): void {
  show(keys.gaugePage(page.gauge.id), page);
  void queries.invalidateQueries({ queryKey: keys.drawer, exact: true });
  afterwards();
}

function afterwards(): void {
  void queries.invalidateQueries({ queryKey: keys.gauges });
  void queries.invalidateQueries({ queryKey: keys.ready });
  void queries.invalidateQueries({ queryKey: keys.comparators });
  void queries.invalidateQueries({ queryKey: keys.methods });
  void queries.invalidateQueries({ queryKey: keys.sheets });
}

function showDrawer(drawer: Schemas['DrawerView']): void {
  show(keys.drawer, drawer);
  afterwards();
}

export const useAddGauges = () =>
  useMutation({
    mutationFn: (gauges: TypedGauge[]) =>
      answered(client.POST('/api/v1/drawer/gauges', { body: { gauges } })),
    onSuccess: showDrawer,
  });

export const useWriteGauge = ({ gauge, edition }: GaugePage) =>
  useMutation({
    mutationFn: (body: TypedGauge) =>
      answered(
        client.PUT('/api/v1/drawer/gauges/{gauge}', {
          params: { path: { gauge: gauge.id }, header: ifMatch(edition) },
          body,
        }),
      ),
    onSuccess: showGauge,
  });

export const useCalibrate = ({ gauge, edition }: GaugePage) =>
  useMutation({
    mutationFn: (body: Schemas['TypedCalibration']) =>
      answered(
        client.PUT('/api/v1/drawer/gauges/{gauge}/calibration', {
          params: { path: { gauge: gauge.id }, header: ifMatch(edition) },
          body,
        }),
      ),
    onSuccess: showGauge,
  });

/** What befell a gauge. */
export const useBefell = (gauge: number) =>
  useMutation({
    mutationFn: (body: Schemas['EventBody']) =>
      answered(
        client.PUT('/api/v1/drawer/gauges/{gauge}/events/{id}', {
          params: { path: { gauge, id: newId() } },
          body,
        }),
      ),
    onSuccess: showGauge,
  });

export const useCheck = (gauge: number) =>
  useMutation({
    mutationFn: (body: Schemas['CheckBody']) =>
      answered(
        client.PUT('/api/v1/drawer/gauges/{gauge}/checks/{id}', {
          params: { path: { gauge, id: newId() } },
          body,
        }),
      ),
    onSuccess: showGauge,
  });

interface MasterToWrite {
  /** Absent for a new one. */
  was?: { id: number; edition: number } | undefined;
  body: Schemas['TypedMaster'];
}

export const useWriteMaster = () =>
  useMutation({
    mutationFn: ({ was, body }: MasterToWrite) =>
      answered(
        was === undefined
          ? client.POST('/api/v1/drawer/masters', { body })
          : client.PUT('/api/v1/drawer/masters/{master}', {
              params: { path: { master: was.id }, header: ifMatch(was.edition) },
              body,
            }),
      ),
    onSuccess: showDrawer,
  });

const gaugeSetQuery = (first: TypedGauge, frames: number) => ({
  queryKey: ['gauge set', first, frames],
  queryFn: () => answered(client.POST('/api/v1/drawer/sets', { body: { first, frames } })),
  gcTime: 60_000,
});

/** The gauges that a first and a number of frames stand for; the last answer stays while the next is on its way. */
export const useGaugeSet = (first: TypedGauge, frames: number) =>
  useQuery({ ...gaugeSetQuery(first, frames), placeholderData: keepPreviousData });

/** Of just what is typed now: what is seen may still be the answer to what was typed before. */
export const gaugeSet = (first: TypedGauge, frames: number) =>
  queries.fetchQuery(gaugeSetQuery(first, frames));

interface HowWell {
  kind: string;
  size: string;
  readings: number;
}

/** How well a size would be known with a gauge, as it now stands. */
export const useUncertainty = ({ gauge, edition }: GaugePage, query: HowWell) =>
  useQuery({
    queryKey: [...keys.gaugePage(gauge.id), 'uncertainty', edition, query],
    queryFn: () =>
      answered(
        client.GET('/api/v1/drawer/gauges/{gauge}/uncertainty', {
          params: { path: { gauge: gauge.id }, query },
        }),
      ),
  });

/** What a trial comes to so far; keeps nothing. */
export const useTrialSoFar = (body: Schemas['TrialBody'], enabled: boolean) =>
  useQuery({
    queryKey: [...keys.gaugePage(body.gauge), 'trial', body],
    queryFn: () => answered(client.POST('/api/v1/trials/understood', { body })),
    enabled,
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });

export const useKeepTrial = () =>
  useMutation({
    mutationFn: (body: Schemas['TrialBody']) =>
      answered(client.PUT('/api/v1/trials/{id}', { params: { path: { id: newId() } }, body })),
    onSuccess: showGauge,
  });

/** What a study comes to so far; keeps nothing. */
export const useStudySoFar = (body: Schemas['TypedStudy'], enabled: boolean) =>
  useQuery({
    queryKey: [...keys.drawer, 'study', body],
    queryFn: () => answered(client.POST('/api/v1/studies/understood', { body })),
    enabled,
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });

export const useKeepStudy = () =>
  useMutation({
    mutationFn: (body: Schemas['TypedStudy']) =>
      answered(client.PUT('/api/v1/studies/{id}', { params: { path: { id: newId() } }, body })),
    onSuccess: showGauge,
  });

/** Picks a method for a feature; an empty one is the proposed one again. */
export const usePick = (plan: number) =>
  useMutation({
    mutationFn: ({ feature, method }: { feature: string; method: string }) =>
      answered(
        client.PUT('/api/v1/plans/{plan}/methods/{feature}', {
          params: { path: { plan, feature } },
          body: { method },
        }),
      ),
    onSuccess: (choosing) => {
      show([...keys.methods, plan], choosing);
      void queries.invalidateQueries({ queryKey: keys.jobs });
      void queries.invalidateQueries({ queryKey: keys.sheets });
    },
  });
