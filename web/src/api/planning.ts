import { useMutation } from '@tanstack/react-query';
import { answered, client, ifMatch, type Job, type PlannedPart, type Schemas } from './client';
import { keys, queries, show } from './queries';
import { newId } from './newId';

/** Shows a job as an act was answered. */
function showJob(job: Job): void {
  show(keys.job(job.id), job);
  void queries.invalidateQueries({ queryKey: keys.jobs, exact: true });
  void queries.invalidateQueries({ queryKey: keys.bench });
}

export const useOpenJob = () =>
  useMutation({
    mutationFn: (body: Schemas['NewJobBody']) => answered(client.POST('/api/v1/jobs', { body })),
    onSuccess: showJob,
  });

export const useArchive = () =>
  useMutation({
    mutationFn: ({ job, archived }: { job: number; archived: boolean }) =>
      answered(
        client.PUT('/api/v1/jobs/{job}/archived', {
          params: { path: { job } },
          body: { archived },
        }),
      ),
    onSuccess: showJob,
  });

export const useWriteHead = (job: Job) =>
  useMutation({
    mutationFn: (body: Schemas['HeadBody']) =>
      answered(
        client.PUT('/api/v1/jobs/{job}', {
          params: { path: { job: job.id }, header: ifMatch(job.edition) },
          body,
        }),
      ),
    onSuccess: showJob,
  });

export const useAddPlan = (job: Job) =>
  useMutation({
    mutationFn: (body: Schemas['PlanHeadBody']) =>
      answered(
        client.POST('/api/v1/jobs/{job}/plans', { params: { path: { job: job.id } }, body }),
      ),
    onSuccess: showJob,
  });

interface OfPlan {
  plan: number;
  edition: number;
}

export const useWritePlan = () =>
  useMutation({
    mutationFn: ({ plan, edition, ...body }: OfPlan & Schemas['PlanHeadBody']) =>
      answered(
        client.PUT('/api/v1/plans/{plan}', {
          params: { path: { plan }, header: ifMatch(edition) },
          body,
        }),
      ),
    onSuccess: showJob,
  });

/** A part as it stands on the list while it is written. */
export interface PartOnList extends Omit<PlannedPart, 'id' | 'read' | 'runningHours'> {
  id: number | undefined;
  hours: string;
}

/** The edition that a list of ours put in place of another, by plan and edition. */
const listed = new Map<string, number>();

function newest(plan: number, edition: number): number {
  const after = listed.get(`${plan} ${edition}`);
  return after === undefined ? edition : newest(plan, after);
}

/** Writes the list of a plan's parts; one after the other, each on the edition that the one before it made. */
export const useWriteParts = (plan: number) =>
  useMutation({
    scope: { id: `parts of ${plan}` },
    mutationFn: ({ edition, parts }: { edition: number; parts: PartOnList[] }) =>
      answered(
        client.PUT('/api/v1/plans/{plan}/parts', {
          params: { path: { plan }, header: ifMatch(newest(plan, edition)) },
          body: {
            parts: parts.map(({ id, name, mark, hours }) => ({
              ...(id === undefined ? {} : { id }),
              name,
              mark,
              hours,
            })),
          },
        }),
      ),
    onSuccess: (job, { edition }) => {
      const now = job.plans.find(({ id }) => id === plan)?.edition;
      if (now !== undefined) {
        listed.set(`${plan} ${newest(plan, edition)}`, now);
      }
      showJob(job);
    },
  });

export const useChooseSetting = () =>
  useMutation({
    mutationFn: ({ name, edition, choice }: { name: string; edition: number; choice: string }) =>
      answered(
        client.PUT('/api/v1/settings/{name}', {
          params: { path: { name }, header: ifMatch(edition) },
          body: { choice },
        }),
      ),
    onSettled: async () => {
      await queries.invalidateQueries({ queryKey: keys.settings });
      await queries.invalidateQueries({ queryKey: keys.shop });
      await queries.invalidateQueries({ queryKey: keys.materials });
    },
  });

export const useKeepLook = () =>
  useMutation({
    mutationFn: (body: Schemas['LookBody']) =>
      answered(client.PUT('/api/v1/looks/{id}', { params: { path: { id: newId() } }, body })),
    onSuccess: ({ shown }) => {
      if (shown === undefined) {
        void queries.invalidateQueries({ queryKey: keys.looks });
      } else {
        show([...keys.looks, shown.part], shown);
      }
      void queries.invalidateQueries({ queryKey: keys.ready });
    },
  });

/** Ticks a caution off for whoever stands here. */
export const useTick = () =>
  useMutation({
    mutationFn: (body: Schemas['TickBody']) =>
      answered(
        client.PUT('/api/v1/caution-ticks/{id}', { params: { path: { id: newId() } }, body }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.looks }),
  });
