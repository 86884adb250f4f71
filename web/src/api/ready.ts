import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { answered, client, type Schemas } from './client';
import { newId } from './newId';
import { keys, queries, show } from './queries';

/** What is due before a part is measured. */
export const useReady = (part: number) =>
  useQuery({
    queryKey: [...keys.ready, part],
    queryFn: () =>
      answered(client.GET('/api/v1/parts/{part}/ready', { params: { path: { part } } })),
  });

function showReady(ready: Schemas['ReadyView']): void {
  show([...keys.ready, ready.part], ready);
  void queries.invalidateQueries({ queryKey: keys.looks });
}

/** A card was done, or is passed over for a reason. */
export const useReadyMark = (part: number) =>
  useMutation({
    mutationFn: (body: Schemas['ReadyMarkBody']) =>
      answered(
        client.PUT('/api/v1/parts/{part}/ready-marks/{id}', {
          params: { path: { part, id: newId() } },
          body,
        }),
      ),
    onSuccess: showReady,
  });

/** What temperatures would do to a part; asked once both are there. */
export const usePartWarmth = (part: number, body: Schemas['TypedWarmth']) =>
  useQuery({
    queryKey: [...keys.ready, part, 'warmth', body],
    queryFn: () =>
      answered(client.POST('/api/v1/parts/{part}/warmth', { params: { path: { part } }, body })),
    enabled: body.part.trim() !== '' && body.gauge.trim() !== '',
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });

export const useKeepWarmth = (part: number) =>
  useMutation({
    mutationFn: (body: Schemas['TypedWarmth']) =>
      answered(
        client.PUT('/api/v1/parts/{part}/warmths/{id}', {
          params: { path: { part, id: newId() } },
          body,
        }),
      ),
    onSuccess: showReady,
  });

export const useSoakings = () =>
  useQuery({ queryKey: keys.soakings, queryFn: () => answered(client.GET('/api/v1/soakings')) });

export const useSoak = () =>
  useMutation({
    mutationFn: (body: Schemas['SoakingBody']) =>
      answered(client.PUT('/api/v1/soakings/{id}', { params: { path: { id: newId() } }, body })),
    onSuccess: (all) => show(keys.soakings, all),
  });

/** It is through, or was taken up before. */
export const useSoaked = () =>
  useMutation({
    mutationFn: (id: string) =>
      answered(
        client.PUT('/api/v1/soakings/{id}/taken-up', { params: { path: { id } }, body: {} }),
      ),
    onSuccess: (all) => show(keys.soakings, all),
  });

/** Where each comparator stands that was ever set. */
export const useComparators = () =>
  useQuery({
    queryKey: keys.comparators,
    queryFn: () => answered(client.GET('/api/v1/comparators')),
  });

/** What setting one needs to know; the last answer stays while the next is on its way. */
export const useSettingUp = (gauge: number, wanted: string) =>
  useQuery({
    queryKey: [...keys.comparators, gauge, wanted],
    queryFn: () =>
      answered(
        client.GET('/api/v1/comparators/{gauge}', {
          params: { path: { gauge }, query: { wanted } },
        }),
      ),
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });

function afterSetting(): void {
  for (const queryKey of [keys.comparators, keys.gauges, keys.drawer, keys.ready, keys.sheets]) {
    void queries.invalidateQueries({ queryKey });
  }
}

export const useKeepSetting = (gauge: number) =>
  useMutation({
    mutationFn: (body: Schemas['TypedSetting']) =>
      answered(
        client.PUT('/api/v1/comparators/{gauge}/settings/{id}', {
          params: { path: { gauge, id: newId() } },
          body,
        }),
      ),
    onSuccess: afterSetting,
  });

export const usePutBack = (gauge: number) =>
  useMutation({
    mutationFn: (body: Schemas['PutBackBody']) =>
      answered(
        client.PUT('/api/v1/comparators/{gauge}/checks/{id}', {
          params: { path: { gauge, id: newId() } },
          body,
        }),
      ),
    onSuccess: afterSetting,
  });
