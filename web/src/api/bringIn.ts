import { useMutation, useQuery } from '@tanstack/react-query';
import { answered, client, type Schemas } from './client';
import { keys, queries } from './queries';

export type JobFile = Schemas['JobFileView'];
export type NamedAlike = Schemas['NamedAlikeView'];
export type TableIn = Schemas['TableInView'];
export type TableKept = Schemas['TableKeptView'];

/** A whole job as one file. */
export const pathToJobFile = (job: number): string => `/api/v1/jobs/${job}/job.json`;

/** Bytes go as they are: nothing makes JSON of them. */
const raw = (file: Blob) => ({
  body: file as unknown as string,
  bodySerializer: (body: unknown) => body as Blob,
});
const asBytes = (file: Blob) => ({
  ...raw(file),
  headers: { 'Content-Type': 'application/octet-stream' },
});

export const useLookAtJobFile = () =>
  useMutation({
    mutationFn: (file: Blob) => answered(client.POST('/api/v1/job-files/look', raw(file))),
  });

interface BringJob {
  file: Blob;
  /** Under which how far it is is asked for, and it is stopped. */
  id: string;
  /** What of it is the one of that name here, and what is another: `gauge:M3`. */
  same: string[];
  other: string[];
}

export const useBringJobIn = () =>
  useMutation({
    mutationFn: ({ file, same, other, id }: BringJob) =>
      answered(
        client.POST('/api/v1/job-files', { params: { query: { same, other, id } }, ...raw(file) }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  });

export interface TableOfReadings {
  job: number;
  file: Blob;
  /** What each column holds; empty: as the server takes it. */
  column: string[];
  gauge: string;
  /** Under which how far it is is asked for, and it is stopped. */
  id: string;
}

export const useLookAtReadings = () =>
  useMutation({
    mutationFn: ({ job, file, column, gauge, id }: TableOfReadings) =>
      answered(
        client.POST('/api/v1/jobs/{job}/readings-in/look', {
          params: { path: { job }, query: { column, gauge, id } },
          ...asBytes(file),
        }),
      ),
  });

export const useBringReadingsIn = () =>
  useMutation({
    mutationFn: ({
      job,
      file,
      column,
      gauge,
      id,
      onlyGood,
      again,
    }: TableOfReadings & { onlyGood: boolean; again: boolean }) =>
      answered(
        client.POST('/api/v1/jobs/{job}/readings-in', {
          params: { path: { job }, query: { column, gauge, onlyGood, again, id } },
          ...asBytes(file),
        }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  });

/** How far a file is that comes in just now; asked twice a second. */
export const useFar = (id: string) =>
  useQuery({
    queryKey: keys.tableIn(id),
    queryFn: () => answered(client.GET('/api/v1/underway/{id}', { params: { path: { id } } })),
    refetchInterval: 500,
  });

/** Nothing of it is kept then. */
export const useStop = () =>
  useMutation({
    mutationFn: (id: string) =>
      answered(client.PUT('/api/v1/underway/{id}/stop', { params: { path: { id } } })),
  });

/** A spreadsheet’s file as the text that would be pasted from it. */
export const textOfTable = async (file: Blob): Promise<string> =>
  (await answered(client.POST('/api/v1/tables/text', asBytes(file)))).text;
