import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';

/** A gauge of the box, as its program says it. */
export interface BoxedGauge {
  number: string;
  kind: string;
  unit: 'mm' | 'in';
  display: string;
  held: boolean;
  cellLow: boolean;
  zero: string;
  noiseMicrometres: string;
  presets: string[];
  /** Which of them it shows by, from 1; 0: none. */
  preset: number;
  low: string;
  high: string;
  light: '' | 'under' | 'in' | 'over';
  /** What the part really is; empty before somebody asks. */
  told: string;
  said: string[];
  /** Lines that nobody has answered yet. */
  waiting: number;
}

const GAUGES = ['gauges'];
const LOOKED_AT_AGAIN_MS = 700;

async function asked(path: string, init?: RequestInit): Promise<BoxedGauge[]> {
  const answer = await fetch(path, init);
  const body = (await answer.json()) as BoxedGauge[] | { message: string };
  if (Array.isArray(body)) {
    return body;
  }
  throw new Error(body.message);
}

export const useGauges = () =>
  useQuery({
    queryKey: GAUGES,
    queryFn: () => asked('/gauges'),
    refetchInterval: LOOKED_AT_AGAIN_MS,
  });

export interface Act {
  act: string;
  number: string;
  text?: string;
  upper?: string;
  kind?: string;
  unit?: string;
}

/** Presses a button of a gauge. */
export function useAct() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ act, ...body }: Act) =>
      asked(`/gauges/${act}`, { method: 'POST', body: JSON.stringify(body) }),
    onSuccess: (gauges) => queries.setQueryData(GAUGES, gauges),
  });
}
