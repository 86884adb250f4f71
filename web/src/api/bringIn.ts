import { useMutation } from '@tanstack/react-query';
import { answered, client, type Schemas } from './client';
import { queries } from './queries';

export type JobFile = Schemas['JobFileView'];
export type NamedAlike = Schemas['NamedAlikeView'];
export type TableIn = Schemas['TableInView'];
export type TableKept = Schemas['TableKeptView'];

/** A whole job as one file. */
export const pathToJobFile = (job: number): string => `/api/jobs/${job}/job.json`;

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
    mutationFn: (file: Blob) => answered(client.POST('/api/job-files/look', raw(file))),
  });

interface BringJob {
  file: Blob;
  /** What of it is the one of that name here, and what is another: `gauge:M3`. */
  same: string[];
  other: string[];
}

export const useBringJobIn = () =>
  useMutation({
    mutationFn: ({ file, same, other }: BringJob) =>
      answered(client.POST('/api/job-files', { params: { query: { same, other } }, ...raw(file) })),
    onSuccess: () => queries.invalidateQueries(),
  });

export interface TableOfReadings {
  job: number;
  file: Blob;
  /** What each column holds; empty: as the server takes it. */
  column: string[];
  gauge: string;
}

export const useLookAtReadings = () =>
  useMutation({
    mutationFn: ({ job, file, column, gauge }: TableOfReadings) =>
      answered(
        client.POST('/api/jobs/{job}/readings-in/look', {
          params: { path: { job }, query: { column, gauge } },
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
      onlyGood,
      again,
    }: TableOfReadings & { onlyGood: boolean; again: boolean }) =>
      answered(
        client.POST('/api/jobs/{job}/readings-in', {
          params: { path: { job }, query: { column, gauge, onlyGood, again } },
          ...asBytes(file),
        }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  });

/** A spreadsheet’s file as the text that would be pasted from it. */
export const textOfTable = async (file: Blob): Promise<string> =>
  (await answered(client.POST('/api/tables/text', asBytes(file)))).text;
