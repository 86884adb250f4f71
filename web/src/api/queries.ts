import {
  hashKey,
  keepPreviousData,
  notifyManager,
  QueryClient,
  type QueryKey,
  type Updater,
  useQuery,
} from '@tanstack/react-query';
import {
  answered,
  type Belonging,
  type Gauge,
  client,
  standsHere,
  type JudgedFeature,
  Problem,
  type KeptReading,
  type Scale,
  type KeptSheet,
  type Sheet,
  type Told,
} from './client';

// Shown in the same turn in which the answer came, not one timer later.
notifyManager.setScheduler(queueMicrotask);

/** What the server said last, until an event says that it changed. */
export const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: Infinity,
      // A server that is away, or whose disk is in trouble, is asked again until it is back; what it refuses is refused.
      retry: (_count, failure) => !(failure instanceof Problem) || failure.status === 503,
      retryDelay: (attempt) => Math.min(500 * 2 ** attempt, 3000),
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
});

/**
 * Shows what an act was answered with. If the same was being asked for, that may have been answered before the act, and shown late it
 * would take the act back: it is asked for anew, which brings what others did meanwhile as well.
 */
export function show<T>(
  queryKey: QueryKey,
  answer: T | ((shown: T | undefined) => T | undefined),
): void {
  const isAsked = queries.isFetching({ queryKey, exact: true }) > 0;
  void queries.cancelQueries({ queryKey, exact: true });
  queries.setQueryData<T>(queryKey, answer as Updater<T | undefined, T | undefined>);
  if (isAsked) {
    void queries.invalidateQueries({ queryKey, exact: true });
  }
}

export const keys = {
  practice: ['practice'],
  records: ['records'],
  signers: ['signers'],
  trail: ['trail'],
  signedOn: ['signed-on'],
  tokens: ['tokens'],
  gaugePort: ['gauge-port'],
  gaugeFigures: ['gauge-figures'],
  tableIn: (id: string) => ['table-in', id] as const,
  chain: ['chain'],
  shop: ['shop'],
  health: ['health'],
  people: ['people'],
  gauges: ['gauges'],
  drawer: ['drawer'],
  gaugePage: (gauge: number) => ['drawer', gauge],
  methods: ['methods'],
  bench: ['bench'],
  scales: ['scales'],
  jobs: ['jobs'],
  job: (job: number) => ['jobs', job],
  settings: ['settings'],
  materials: ['materials'],
  looks: ['look'],
  ready: ['ready'],
  comparators: ['comparators'],
  soakings: ['soakings'],
  sheets: ['sheet'],
  judgements: ['judgement'],
  doubts: ['doubts'],
  slips: ['slips'],
  sheet: (part: number, feature: number) => ['sheet', part, feature],
};

export const useShop = () =>
  useQuery({
    queryKey: keys.shop,
    queryFn: async () => {
      const shop = await answered(client.GET('/api/v1/shop'));
      standsHere(shop.person?.id);
      return shop;
    },
  });

/** Who changed what of a thing. */
export const useChanges = (of: string, which?: number) =>
  useQuery({
    queryKey: [...keys.trail, of, which ?? 0],
    queryFn: () =>
      answered(
        client.GET('/api/v1/trail', {
          params: { query: { of, ...(which !== undefined && { which }) } },
        }),
      ),
  });

/** Who is signed on where; told at the shop’s own machine alone. */
export const useSignedOn = (here: boolean) =>
  useQuery({
    queryKey: keys.signedOn,
    queryFn: () => answered(client.GET('/api/v1/sessions')),
    enabled: here,
  });

/** Whether what is kept is what was kept; asked again while the look at the start is under way. */
export const useChain = () =>
  useQuery({
    queryKey: keys.chain,
    queryFn: () => answered(client.GET('/api/v1/chain')),
    refetchInterval: ({ state }) => (state.data && !state.data.at ? 2_000 : false),
  });

/** Whether the shop can keep anything: asked for now and then, since a disk fills without telling. */
export const useHealth = () =>
  useQuery({
    queryKey: keys.health,
    queryFn: () => answered(client.GET('/api/v1/health')),
    refetchInterval: 15_000,
  });

export const usePeople = () =>
  useQuery({ queryKey: keys.people, queryFn: () => answered(client.GET('/api/v1/people')) });

export const useGauges = () =>
  useQuery({
    queryKey: keys.gauges,
    queryFn: () => answered(client.GET('/api/v1/gauges')),
    select: asTheyLie,
  });

/** Each once: not again as it is set on a master. */
const asTheyLie = (all: Gauge[]): Gauge[] => all.filter(({ onMaster }) => !onMaster);

/** All that can be measured with: the same, and each micrometer as it is set on a master, too. */
export const useMeasuringGauges = () =>
  useQuery({ queryKey: keys.gauges, queryFn: () => answered(client.GET('/api/v1/gauges')) });

/** The drawer on one page. */
export const useDrawer = () =>
  useQuery({ queryKey: keys.drawer, queryFn: () => answered(client.GET('/api/v1/drawer')) });

export const useGaugePage = (gauge: number) =>
  useQuery({
    queryKey: keys.gaugePage(gauge),
    queryFn: () =>
      answered(client.GET('/api/v1/drawer/gauges/{gauge}', { params: { path: { gauge } } })),
  });

/** What the features of a plan are measured with. */
export const useMethods = (plan: number) =>
  useQuery({
    queryKey: [...keys.methods, plan],
    queryFn: () =>
      answered(client.GET('/api/v1/plans/{plan}/methods', { params: { path: { plan } } })),
  });

export const useBench = () =>
  useQuery({ queryKey: keys.bench, queryFn: () => answered(client.GET('/api/v1/bench')) });

export const useScales = () =>
  useQuery({ queryKey: keys.scales, queryFn: () => answered(client.GET('/api/v1/scales')) });

/** A scale as it stands on a gauge that adds so much: the same one while nothing is added, or while that is asked. */
export function useScaleOn(bare: Scale, base: string): Scale {
  const onIt = useQuery({
    queryKey: [...keys.scales, bare.id, base],
    queryFn: () =>
      answered(
        client.GET('/api/v1/scales/{id}', { params: { path: { id: bare.id }, query: { base } } }),
      ),
    enabled: base !== '0',
    retry: false,
    placeholderData: keepPreviousData,
  });
  return base === '0' ? bare : (onIt.data ?? bare);
}

export const useJobs = () =>
  useQuery({ queryKey: keys.jobs, queryFn: () => answered(client.GET('/api/v1/jobs')) });

export const useTemplates = () =>
  useQuery({ queryKey: ['templates'], queryFn: () => answered(client.GET('/api/v1/templates')) });

/** A job as it is planned. */
export const useJob = (job: number) =>
  useQuery({
    queryKey: keys.job(job),
    queryFn: () => answered(client.GET('/api/v1/jobs/{job}/plan', { params: { path: { job } } })),
  });

export const useSettings = () =>
  useQuery({ queryKey: keys.settings, queryFn: () => answered(client.GET('/api/v1/settings')) });

export const useMaterials = () =>
  useQuery({ queryKey: keys.materials, queryFn: () => answered(client.GET('/api/v1/materials')) });

/** What a part comes to. */
export const useJudgement = (part: number) =>
  useQuery({
    queryKey: [...keys.judgements, part],
    queryFn: () =>
      answered(client.GET('/api/v1/parts/{part}/judgement', { params: { path: { part } } })),
  });

/** What is said of one feature rests on this: here already of the worst, asked for of another. */
export function useJudgedInFull(part: number, { id, inFull }: JudgedFeature, asked: boolean) {
  const { data } = useQuery({
    queryKey: [...keys.judgements, part, 'in full', id],
    queryFn: () =>
      answered(
        client.GET('/api/v1/parts/{part}/features/{feature}/judgement', {
          params: { path: { part, feature: id } },
        }),
      ),
    enabled: asked && !inFull,
  });
  return inFull ?? (asked ? data : undefined);
}

/** What stands under a part, or one feature or place of it, and where it may be moved. */
export const useMoving = (part: number, of: { feature?: number; place?: number }, asked: boolean) =>
  useQuery({
    queryKey: [...keys.sheets, 'moving', part, of],
    queryFn: () =>
      answered(
        client.GET('/api/v1/parts/{part}/moving', { params: { path: { part }, query: of } }),
      ),
    enabled: asked,
  });

/** What a move would do. */
export const useMoveAhead = (part: number, belonging: Belonging | undefined) =>
  useQuery({
    queryKey: ['move ahead', part, belonging],
    queryFn: () =>
      answered(
        client.POST('/api/v1/parts/{part}/moving', {
          params: { path: { part } },
          body: belonging ?? { readings: [], to: part },
        }),
      ),
    // Once it is done it is no question any more: asked anew each time, and by nobody else.
    gcTime: 0,
    enabled: belonging !== undefined,
  });

/** A feature of one part, at one inspection after another. */
export const useOverTime = (part: number, feature: number, days: boolean) =>
  useQuery({
    queryKey: [...keys.judgements, 'over time', part, feature, days],
    queryFn: () =>
      answered(
        client.GET('/api/v1/parts/{part}/features/{feature}/over-time', {
          params: { path: { part, feature }, query: { days } },
        }),
      ),
  });

/** What is asked of the parts of a job that go into one another. */
export interface PairingAsked {
  with?: number;
  inside?: number;
  outside?: number;
  least: string;
  most: string;
  pairs?: string;
}

/** Parts of a job put together; the last answer stays while the next is on its way. */
export const usePairing = (job: number, asked: PairingAsked) =>
  useQuery({
    queryKey: [...keys.judgements, 'pairing', job, asked],
    queryFn: () =>
      answered(
        client.GET('/api/v1/jobs/{job}/pairing', { params: { path: { job }, query: asked } }),
      ),
    placeholderData: keepPreviousData,
  });

/** What is in doubt now, through all jobs. */
export const useDoubts = () =>
  useQuery({ queryKey: keys.doubts, queryFn: () => answered(client.GET('/api/v1/doubts')) });

/** The slips of whoever stands here. */
export const useSlips = () =>
  useQuery({ queryKey: keys.slips, queryFn: () => answered(client.GET('/api/v1/slips')) });

/** What to take in and to look at on a part before it is measured. */
export const useLook = (part: number) =>
  useQuery({
    queryKey: [...keys.looks, part],
    queryFn: () =>
      answered(client.GET('/api/v1/parts/{part}/look', { params: { path: { part } } })),
  });

/** Cautions of a job that whoever stands here has not ticked. */
export const useCautions = (job: number) =>
  useQuery({
    queryKey: [...keys.looks, 'cautions', job],
    queryFn: () =>
      answered(client.GET('/api/v1/jobs/{job}/cautions', { params: { path: { job } } })),
  });

/** What a scale says at these parts; the last answer stays while the next is on its way. */
export const useScaleReading = (id: string, base: string, parts: string) =>
  useQuery({
    queryKey: [...keys.scales, id, base, parts],
    queryFn: () =>
      answered(
        client.GET('/api/v1/scales/{id}/reading', {
          params: { path: { id }, query: { base, parts } },
        }),
      ),
    placeholderData: keepPreviousData,
    gcTime: 60_000,
  });

/** What must show on a scale for a wanted size, as typed. */
export const scaleSetting = (id: string, query: { base: string; sense: string; wanted: string }) =>
  answered(client.GET('/api/v1/scales/{id}/setting', { params: { path: { id }, query } }));

/** The same, asked for as long as it is shown. */
export const useScaleSetting = (id: string, base: string, wanted: string) =>
  useQuery({
    queryKey: [...keys.scales, id, 'set', base, wanted],
    queryFn: () => scaleSetting(id, { base, sense: '', wanted }),
  });

/** What was typed as a size, in whole picometres; refused with the server's sentence. */
const typedSizeQuery = (text: string, unit: string) => ({
  queryKey: ['typed', text, unit],
  queryFn: async () => {
    const typed = await answered(
      client.POST('/api/v1/calc/{topic}', {
        params: { path: { topic: 'typed' } },
        body: { text, default_unit: unit, kind: 'size' },
      }),
    );
    return (typed as { value_pm: number }).value_pm;
  },
});

/** How the scale in hand must look for a figure, the last one while the next is asked for; none for what is no figure, or beyond it. */
export const useEcho = (gauge: Gauge, text: string) =>
  useQuery({
    queryKey: ['echo', gauge.key, text],
    queryFn: async () => {
      const { data } = await client.GET('/api/v1/gauges/{gauge}/echo', {
        params: {
          path: { gauge: gauge.id },
          query: {
            text,
            ...(gauge.onMaster && { onMaster: true }),
            ...(gauge.reader && { reader: gauge.reader }),
          },
        },
      });
      return data ?? null;
    },
    retry: false,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
  }).data;

export const useTypedSize = (text: string, unit: string) =>
  useQuery({ ...typedSizeQuery(text, unit), placeholderData: keepPreviousData });

export const typedSize = (text: string, unit: string) =>
  queries.fetchQuery(typedSizeQuery(text, unit));

export const useSheet = (part: number, feature: number) =>
  useQuery({
    queryKey: keys.sheet(part, feature),
    queryFn: () =>
      answered(
        client.GET('/api/v1/parts/{part}/features/{feature}/sheet', {
          params: { path: { part, feature } },
        }),
      ),
  });

/** Each sheet as it stood when a reading was last told of on it. */
const toldOn = new Map<string, { seq: number; sheet: Sheet | undefined }>();

/**
 * Shows a line of the answer to a reading: what it came to, on the sheet that is here already, or that sheet as a whole. Fails for a
 * reading whose sheet could not be made: it is asked for.
 */
export async function showReading({ seq, told, shown }: KeptReading): Promise<void> {
  if (told) {
    const queryKey = keys.sheet(told.part, told.feature);
    show<Sheet>(queryKey, (sheet) => sheet && withTold(sheet, told));
    const sheet = queries.getQueryData<Sheet>(queryKey);
    toldOn.set(hashKey(queryKey), { seq: seq ?? 0, sheet });
  } else if (!shown || !isOvertaken(shown, seq ?? 0)) {
    await showSheet(shown ? { shown } : {});
  }
}

/** Whether another reading was told of since, or another sheet shown: it holds all that this one says, and more. */
function isOvertaken({ part, feature }: Sheet, seq: number): boolean {
  const queryKey = keys.sheet(part.id, feature.id);
  const told = toldOn.get(hashKey(queryKey));
  return (
    told !== undefined && (told.seq > seq || told.sheet !== queries.getQueryData<Sheet>(queryKey))
  );
}

/** Whether a reading was told of since something was answered with this sheet. */
const isOfBefore = ({ part, feature }: Sheet, seq: number): boolean =>
  seq < (toldOn.get(hashKey(keys.sheet(part.id, feature.id)))?.seq ?? 0);

/** Only what changed is another object: nothing else of the page is drawn anew. */
function withTold(sheet: Sheet, { round, place, at, verdict, next, say }: Told): Sheet {
  const now: Sheet = {
    ...sheet,
    rounds: sheet.rounds.map((each, i) =>
      each.number === round && i === sheet.rounds.length - 1
        ? {
            ...each,
            at,
            verdict,
            places: each.places.map((one) => (one.id === place.id ? place : one)),
          }
        : each,
    ),
    say,
  };
  if (next) {
    now.next = next;
  } else {
    delete now.next;
  }
  return now;
}

/** Shows a sheet that an act was answered with. */
export async function showSheet({
  seq,
  shown: sheet,
}: Pick<KeptSheet, 'seq' | 'shown'>): Promise<void> {
  if (sheet === undefined || (seq && isOfBefore(sheet, seq))) {
    // Kept, and the page could not be made just then, or not with what was read since: it is asked for.
    await queries.invalidateQueries({ queryKey: keys.sheets });
    return;
  }
  show(keys.sheet(sheet.part.id, sheet.feature.id), sheet);
}
