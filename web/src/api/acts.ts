import { useMutation } from '@tanstack/react-query';
import { answered, type Belonging, client, type Reading, type Schemas } from './client';
import { outbox } from './outbox';
import { keys, queries, show, showSheet } from './queries';

/** Somebody steps up to this screen. */
export const useStepUp = () =>
  useMutation({
    mutationFn: (person: number) => answered(client.POST('/api/v1/sessions', { body: { person } })),
    onSuccess: async ({ id }) => {
      outbox.signedOn(id);
      await queries.invalidateQueries({ queryKey: keys.shop });
      // Cautions are ticked by each person.
      await queries.invalidateQueries({ queryKey: keys.looks });
    },
  });

export const useAddPerson = () =>
  useMutation({
    mutationFn: (body: { name: string; does: string }) =>
      answered(client.POST('/api/v1/people', { body })),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.people }),
  });

interface Strike {
  id: string;
  reading: Reading;
  reason: string;
}

/** Strikes a reading: it stays to be seen, and counts no longer. */
export const useStrike = () =>
  useMutation({
    mutationFn: ({ id, reading, reason }: Strike) =>
      answered(
        client.PUT('/api/v1/marks/{id}', {
          params: { path: { id } },
          body: { reading: reading.id, kind: 'STRIKE', reason },
        }),
      ),
    onSuccess: showSheet,
  });

/** Answers to a reading in doubt: read again, put right, kept as it is. */
export const useAnswerDoubt = () =>
  useMutation({
    mutationFn: ({ id, ...body }: Schemas['MarkBody'] & { id: string }) =>
      answered(client.PUT('/api/v1/marks/{id}', { params: { path: { id } }, body })),
    onSuccess: showSheet,
  });

/** Answers to a gauge that was found off, for some of what was read on it. */
export const useAnswerCheck = () =>
  useMutation({
    mutationFn: ({ id, check, ...body }: Schemas['AnswerBody'] & { id: string; check: string }) =>
      answered(
        client.PUT('/api/v1/checks/{check}/answers/{id}', {
          params: { path: { check, id } },
          body,
        }),
      ),
    onSuccess: ({ shown }) =>
      shown === undefined
        ? queries.invalidateQueries({ queryKey: keys.doubts })
        : show(keys.doubts, shown),
  });

interface Swap {
  id: string;
  one: string;
  other: string;
  reason: string;
}

/** Puts two readings right that were taken at each other’s place. */
export const useSwap = () =>
  useMutation({
    mutationFn: ({ id, ...body }: Swap) =>
      answered(client.PUT('/api/v1/reading-swaps/{id}', { params: { path: { id } }, body })),
    onSuccess: showSheet,
  });

/** Passes a place over, takes it up again, or notes something there. */
export const useMarkPlace = () =>
  useMutation({
    mutationFn: ({ id, ...body }: Schemas['PlaceMarkBody'] & { id: string }) =>
      answered(client.PUT('/api/v1/place-marks/{id}', { params: { path: { id } }, body })),
    onSuccess: showSheet,
  });

interface Decide {
  id: string;
  part: number;
  decided: string;
  reason: string;
}

/** Decides otherwise of a part than the rule that fired. */
export const useDecide = () =>
  useMutation({
    mutationFn: ({ id, part, ...body }: Decide) =>
      answered(
        client.PUT('/api/v1/parts/{part}/decisions/{id}', { params: { path: { part, id } }, body }),
      ),
    onSuccess: ({ shown }) =>
      shown === undefined
        ? queries.invalidateQueries({ queryKey: keys.judgements })
        : show([...keys.judgements, shown.part.id], shown),
  });

/** Somebody has seen that readings of a part count again. */
export const useCountsAgainSeen = () =>
  useMutation({
    mutationFn: (part: number) =>
      answered(
        client.PUT('/api/v1/parts/{part}/counts-again/seen', { params: { path: { part } } }),
      ),
    onSuccess: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: keys.judgements }),
        queries.invalidateQueries({ queryKey: keys.sheets }),
      ]),
  });

interface ThirdAxis {
  part: number;
  feature: number;
  degrees: number;
  sections: string[];
}

/** Takes an axis that was offered, on this part. */
export const useTakeAxis = () =>
  useMutation({
    mutationFn: ({ part, feature, degrees, ...body }: ThirdAxis) =>
      answered(
        client.PUT('/api/v1/parts/{part}/features/{feature}/axes/{degrees}', {
          params: { path: { part, feature, degrees } },
          body,
        }),
      ),
    onSuccess: showSheet,
  });

interface Cut {
  id: string;
  part: number;
  feature: number;
  number: number;
  asked: string;
  /** How far from new the size lies that it was reworked to, whole picometres; 0 as new again; undefined: it stays what it was. */
  to?: number;
}

/** A cut was taken: the next round opens. */
export const useCutTaken = () =>
  useMutation({
    mutationFn: ({ id, ...body }: Cut) =>
      answered(client.PUT('/api/v1/rounds/{id}', { params: { path: { id } }, body })),
    onSuccess: showSheet,
  });

interface SaidSize {
  id: string;
  part: number;
  feature: number;
  /** From which round on; 0 as found. */
  round: number;
  /** As of a cut; undefined takes back what was said of that round. */
  to?: number;
  reason: string;
}

/** Says what size a feature of a part is. */
export const useSaySize = () =>
  useMutation({
    mutationFn: ({ id, ...body }: SaidSize) =>
      answered(client.PUT('/api/v1/sizes/{id}', { params: { path: { id } }, body })),
    onSuccess: showSheet,
  });

/** Says of a cut that it was never taken, or was after all. */
export const useMarkCut = () =>
  useMutation({
    mutationFn: ({ id, ...body }: Schemas['CutMarkBody'] & { id: string }) =>
      answered(client.PUT('/api/v1/cut-marks/{id}', { params: { path: { id } }, body })),
    onSuccess: showSheet,
  });

interface PlaceByHand {
  part: number;
  feature: number;
  name: string;
  depth: string;
  degrees: string;
}

/** Takes a place that a hand found, on this part. */
export const useTakeByHand = () =>
  useMutation({
    mutationFn: ({ part, feature, ...body }: PlaceByHand) =>
      answered(
        client.PUT('/api/v1/parts/{part}/features/{feature}/by-hand', {
          params: { path: { part, feature } },
          body,
        }),
      ),
    onSuccess: showSheet,
  });

/** What is known of one part is known of another, or is not any more: nothing shown of either stands. */
const partsChanged = () =>
  Promise.all(
    [keys.judgements, keys.sheets, keys.bench].map((queryKey) =>
      queries.invalidateQueries({ queryKey }),
    ),
  );

/** Says whether a part is one that stands in another job. */
export const useSaySame = () =>
  useMutation({
    mutationFn: ({ id, part, ...body }: Schemas['SameBody'] & { id: string; part: number }) =>
      answered(
        client.PUT('/api/v1/parts/{part}/same/{id}', { params: { path: { part, id } }, body }),
      ),
    onSuccess: partsChanged,
  });

interface Move {
  id: string;
  part: number;
  belonging: Belonging;
  reason: string;
}

/** Moves readings to the part and place that they belong to. */
export const useMove = () =>
  useMutation({
    mutationFn: ({ id, part, ...body }: Move) =>
      answered(
        client.PUT('/api/v1/parts/{part}/moves/{id}', { params: { path: { part, id } }, body }),
      ),
    onSuccess: partsChanged,
  });

/** Puts back what a move moved. */
export const useUndoMove = () =>
  useMutation({
    mutationFn: ({ id, part, move }: { id: string; part: number; move: string }) =>
      answered(
        client.PUT('/api/v1/parts/{part}/moves-undone/{id}', {
          params: { path: { part, id } },
          body: { move },
        }),
      ),
    onSuccess: partsChanged,
  });

/** Decides what somebody may, at the shop’s own machine. */
export const useDecideMay = () =>
  useMutation({
    mutationFn: ({ person, may }: { person: number; may: string[] }) =>
      answered(
        client.PUT('/api/v1/people/{person}/may', { params: { path: { person } }, body: { may } }),
      ),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: keys.people });
      await queries.invalidateQueries({ queryKey: keys.trail });
    },
  });

/** Ends somebody’s ticket, at the shop’s own machine. */
export const useEndTicket = () =>
  useMutation({
    mutationFn: (session: number) =>
      answered(client.PUT('/api/v1/sessions/{session}/end', { params: { path: { session } } })),
    onSuccess: async (left) => {
      show(keys.signedOn, left);
      await queries.invalidateQueries({ queryKey: keys.shop });
      await queries.invalidateQueries({ queryKey: keys.trail });
    },
  });

/** Compares the journal and the tables once more. */
export const useVerify = () =>
  useMutation({
    mutationFn: () => answered(client.POST('/api/v1/chain')),
    onSuccess: (chain) => show(keys.chain, chain),
  });
