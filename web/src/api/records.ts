import { useMutation, useQuery } from '@tanstack/react-query';
import { answered, client, type Schemas } from './client';
import { keys, queries, show } from './queries';

export type JobRecord = Schemas['RecordView'];
export type SignedRevision = Schemas['SignedRevisionView'];
export type RecordCheck = Schemas['RecordCheckView'];
export type Paper = 'a4' | 'letter';
export type ReportForm = 'full' | 'one-page' | 'blank';

/** Where a report comes from: a job as it is now, or one of its signed records as it stood. */
export interface ReportOf {
  job: number;
  record: string | undefined;
  form: ReportForm;
}

/** Its PDF. */
export const pathToPdf = ({ job, record, form }: ReportOf, paper: Paper): string =>
  `${record === undefined ? `/api/v1/jobs/${job}` : `/api/v1/records/${record}`}/report.pdf?${new URLSearchParams({ form, paper }).toString()}`;

export const useJobRecord = (job: number) =>
  useQuery({
    queryKey: [...keys.records, job],
    queryFn: () => answered(client.GET('/api/v1/jobs/{job}/record', { params: { path: { job } } })),
  });

/** The article as the server makes it: the same that its PDF is made of. */
export const useReport = ({ job, record, form }: ReportOf) =>
  useQuery({
    queryKey: [...keys.records, job, 'report', record, form],
    queryFn: () =>
      record === undefined
        ? answered(
            client.GET('/api/v1/jobs/{job}/report', {
              params: { path: { job }, query: { form } },
              parseAs: 'text',
            }),
          )
        : answered(
            client.GET('/api/v1/records/{record}/report', {
              params: { path: { record }, query: { form } },
              parseAs: 'text',
            }),
          ),
  });

const shown = (view: JobRecord | null | undefined) =>
  view
    ? show([...keys.records, view.job], view)
    : queries.invalidateQueries({ queryKey: keys.records });

export const useSign = (job: number) =>
  useMutation({
    mutationFn: ({ id, ...body }: Schemas['SignRecordBody'] & { id: string }) =>
      answered(
        client.PUT('/api/v1/jobs/{job}/sign-offs/{id}', { params: { path: { job, id } }, body }),
      ),
    onSuccess: (kept) => {
      shown(kept.shown);
      void queries.invalidateQueries({ queryKey: keys.records });
    },
  });

export const useReopen = () =>
  useMutation({
    mutationFn: ({ id, record, reason }: { id: string; record: string; reason: string }) =>
      answered(
        client.PUT('/api/v1/records/{record}/reopenings/{id}', {
          params: { path: { record, id } },
          body: { reason },
        }),
      ),
    onSuccess: (kept) => shown(kept.shown),
  });

export const useSetAside = () =>
  useMutation({
    mutationFn: ({ record, reason }: { record: string; reason: string }) =>
      answered(
        client.PUT('/api/v1/records/{record}/set-aside', {
          params: { path: { record } },
          body: { reason },
        }),
      ),
    onSuccess: shown,
  });

export const useCheckRecord = () =>
  useMutation({
    mutationFn: (body: Schemas['RecordCheckBody']) =>
      answered(client.POST('/api/v1/records/check', { body })),
  });

/** Who may sign, and since when they have a passphrase; at the shop’s own machine alone. */
export const useSigners = (here: boolean) =>
  useQuery({
    queryKey: keys.signers,
    queryFn: () => answered(client.GET('/api/v1/signers')),
    enabled: here,
  });

export const useSetPassphrase = () =>
  useMutation({
    mutationFn: ({ person, ...body }: Schemas['PassphraseBody'] & { person: number }) =>
      answered(
        client.PUT('/api/v1/signers/{person}/passphrase', { params: { path: { person } }, body }),
      ),
    onSuccess: (signers) => show(keys.signers, signers),
  });

const shopMark = [...keys.records, 'mark'];

export const useShopMark = () =>
  useQuery({ queryKey: shopMark, queryFn: () => answered(client.GET('/api/v1/shop/mark')) });

/** In Base64; empty takes it away. */
export const useSetShopMark = () =>
  useMutation({
    mutationFn: (picture: string) =>
      answered(client.PUT('/api/v1/shop/mark', { body: { picture } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.records }),
  });

/** Where a job’s tables and pictures are had for other programs. */
export const pathsOut = (job: number, table: string) => ({
  book: `/api/v1/jobs/${job}/tables.xlsx`,
  pictures: `/api/v1/jobs/${job}/pictures.zip`,
  csv: `/api/v1/jobs/${job}/tables/${table}.csv?bom=true`,
});

/** A table as a clipboard takes it. */
export const tabSeparated = async (job: number, table: string): Promise<string> =>
  answered(
    client.GET('/api/v1/jobs/{job}/tables/{table}.tsv', {
      params: { path: { job, table } },
      parseAs: 'text',
    }),
  );
