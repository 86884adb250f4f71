import { useMutation, useQuery } from '@tanstack/react-query';
import { answered, client, Problem, type Schemas } from './client';
import { newId } from './newId';
import { keys, queries, show } from './queries';

export type PracticeSet = Schemas['PracticeSetView'];
export type PracticeItem = Schemas['PracticeItemView'];
export type Answered = Schemas['PracticeAnsweredView'];
export type Learned = Schemas['LearnedView'];
export type SetBody = Schemas['PracticeSetBody'];

/** What was answered is not lost with a server that is away for a minute: it is sent again until it is taken. */
const TRIES = 60;
const untilTaken = {
  networkMode: 'always',
  retry: (failed: number, error: Error) => !(error instanceof Problem) && failed < TRIES,
  retryDelay: 1000,
} as const;

export const usePractice = () =>
  useQuery({ queryKey: keys.practice, queryFn: () => answered(client.GET('/api/v1/practice')) });

export const usePracticeSet = (id: string) =>
  useQuery({
    queryKey: [...keys.practice, id],
    queryFn: () => answered(client.GET('/api/v1/practice/sets/{id}', { params: { path: { id } } })),
    staleTime: Infinity,
  });

export const useBeginSet = () =>
  useMutation({
    ...untilTaken,
    mutationFn: ({ id, body }: { id: string; body: SetBody }) =>
      answered(client.PUT('/api/v1/practice/sets/{id}', { params: { path: { id } }, body })),
    onSuccess: (set) => show([...keys.practice, set.id], set),
  });

export const useAnswer = () =>
  useMutation({
    ...untilTaken,
    mutationFn: ({ id, body }: { id: string; body: Schemas['PracticeAnswerBody'] }) =>
      answered(client.PUT('/api/v1/practice/answers/{id}', { params: { path: { id } }, body })),
  });

/** How far the first lesson has come; one step after the other, so that the last one taken is the last one kept. */
export const useLessonStep = () =>
  useMutation({
    ...untilTaken,
    scope: { id: 'lesson' },
    mutationFn: (body: Schemas['LessonBody']) =>
      answered(
        client.PUT('/api/v1/practice/lesson/{id}', { params: { path: { id: newId() } }, body }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.practice, exact: true }),
  });
