import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];
export type Shop = Schemas['ShopView'];
export type Person = Schemas['PersonView'];
export type Gauge = Schemas['GaugeView'];
export type Drawer = Schemas['DrawerView'];
export type GaugeRow = Schemas['GaugeRowView'];
export type GaugePage = Schemas['GaugePageView'];
export type GaugeKind = Schemas['GaugeKindView'];
export type TypedGauge = Schemas['TypedGauge'];
export type TypedMaster = Schemas['TypedMaster'];
export type Master = Schemas['MasterView'];
export type GaugeCheck = Schemas['CheckView'];
export type TrialResult = Schemas['TrialResultView'];
export type Choosing = Schemas['ChoosingView'];
export type MethodsOfFeature = Schemas['MethodsOfFeatureView'];
export type Method = Schemas['MethodView'];
export type Uncertainty = Schemas['UncertaintyView'];
export type Scale = Schemas['ScaleView'];
export type ScaleReading = Schemas['ScaleReadingView'];
export type Setting = Schemas['SettingView'];
export type Shown = Schemas['ShownView'];
export type Misread = Schemas['MisreadView'];
export type Bench = Schemas['BenchView'];
export type BenchJob = Schemas['BenchJob'];
export type Sheet = Schemas['SheetView'];
export type KeptSheet = Schemas['AcknowledgedSheetView'];
/** A line of the answer to a reading: what it came to first, the sheet after. */
export type KeptReading = Pick<KeptSheet, 'id' | 'seq'> &
  Pick<KeptSheet, 'shown'> &
  Pick<Schemas['ToldFirst'], 'told'>;
export type Told = Schemas['ToldView'];
export type Round = Schemas['RoundView'];
export type Place = Schemas['PlaceView'];
export type Feature = Schemas['FeatureView'];
export type Part = Schemas['PartView'];
export type Reading = Schemas['ReadingView'];
export type Verdict = Schemas['VerdictView'];
export type Limits = Schemas['LimitsView'];
export type LengthText = Schemas['LengthText'];
export type ReadingBody = Schemas['ReadingBody'];
export type Next = Schemas['NextView'];
export type BenchPlan = Schemas['BenchPlan'];
export type Job = Schemas['PlanView'];
export type ListedJob = Schemas['ListedJobView'];
export type Plan = Schemas['PlanOfPartView'];
export type Planned = Schemas['PlannedView'];
export type PlannedPart = Schemas['PlannedPartView'];
export type TypedFeature = Schemas['TypedFeature'];
export type PlanChange = Schemas['PlanChange'];
export type PlanChanged = Schemas['PlanChangedView'];
export type Pasted = Schemas['PastedView'];
export type ShopSetting = Schemas['ShopSettingView'];
export type Material = Schemas['MaterialView'];
export type Caution = Schemas['CautionView'];
export type Judgement = Schemas['JudgementView'];
export type JudgedFeature = Schemas['JudgedFeatureView'];
export type JudgedPlace = Schemas['JudgedPlaceView'];
export type Said = Schemas['SaidView'];
export type Doubt = Schemas['DoubtView'];
export type Doubted = Schemas['DoubtedView'];
export type Slipped = Schemas['SlipView'];
export type Doubts = Schemas['DoubtsView'];
export type OffGauge = Schemas['ZeroView'];
export type DoubtfulPlace = Schemas['DoubtfulPlaceView'];
export type SlipLog = Schemas['SlipLogView'];
export type Look = Schemas['LookView'];
export type LookItem = Schemas['ItemView'];
export type ReadyCard = Schemas['ReadyCardView'];
export type SettingUp = Schemas['SettingUpView'];
export type SetOn = Schemas['SetOnView'];
export type StandsAt = Schemas['StandsAtView'];
export type Pairing = Schemas['PairingView'];
export type OverTime = Schemas['OverTimeView'];
export type WhichPart = Schemas['WhichPartView'];
export type SamePart = Schemas['SamePartView'];
export type Moving = Schemas['MovingView'];
export type MoveAhead = Schemas['MoveAheadView'];
export type Belonging = Schemas['BelongingBody'];
export type QuickSize = Schemas['QuickSizeView'];
export type QuickSizeBody = Schemas['QuickSizeBody'];

/** Where the next thing is done: a size is measured, or the part is looked at first. */
export const pathToNext = ({ part, feature }: Next): string =>
  feature ? `/parts/${part}/features/${feature}` : pathToReady(part);

/** Where a part is made ready to be measured. */
export const pathToReady = (part: number): string => `/parts/${part}/ready`;

/** What a part comes to. */
export const pathToDoubts = '/doubts';

/** Setting a gauge. @param back the address of the walk that one comes back to */
export const pathToSet = (
  gauge: number,
  { wanted, part, back }: { wanted: string; part: number; back: string },
): string =>
  `/drawer/${gauge}/set?${new URLSearchParams({ wanted, part: String(part), walk: back }).toString()}`;

export const pathToJudgement = (part: number): string => `/parts/${part}/judgement`;

/** A feature of one part, at one inspection after another. */
export const pathToOverTime = (part: number, feature: number): string =>
  `/parts/${part}/features/${feature}/over-time`;

/** The page of a job’s report and its signatures. */
export const pathToReport = (job: number): string => `/jobs/${job}/report`;

/** Parts of a job that go into one another. */
export const pathToPairing = (job: number): string => `/jobs/${job}/pairing`;

export const client = createClient<paths>({
  baseUrl: globalThis.location.origin,
  fetch: (request) => globalThis.fetch(request),
});

/** Whoever the pages of this tab say stands here; nobody while they do not know. */
let shown: number | undefined;

export const standsHere = (person: number | undefined): void => {
  shown = person;
};

/** By whose ticket a request is done. A browser has one for each who ever stood at it, and sends all of them. */
const PERSON = 'Jawread-Person';

export const asPerson = (person: number) => ({ [PERSON]: String(person) });

/** What is done is done by whom the page showed, though somebody else stepped up in another tab meanwhile. */
client.use({
  onRequest: ({ request }) => {
    const isAct = request.method !== 'GET';
    const isStepUp = isAct && request.url.endsWith('/api/v1/sessions');
    if (isAct && !isStepUp && shown !== undefined && !request.headers.has(PERSON)) {
      request.headers.set(PERSON, String(shown));
    }
    // Whatever writes says that it is JSON, also where there is nothing to say: a form of another page cannot.
    if (isAct && !request.headers.has('Content-Type')) {
      request.headers.set('Content-Type', 'application/json');
    }
    return request;
  },
});

/** The edition that was looked at, as a change names it. */
export const ifMatch = (edition: number) => ({ 'If-Match': `"${edition}"` });

/** What the server answers when it will not do a thing: a stable code, the field at fault, a sentence. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    sentence: string,
    readonly field: string,
    /** What the request should have named; empty when nothing. */
    readonly hint = '',
  ) {
    super(sentence);
  }

  /** Whether somebody is to touch their name again, and the same can be sent then. */
  get wantsName(): boolean {
    return this.code === 'ticket-ended' || this.code === 'nobody-picked';
  }

  /** Whether sending the same again can never be right; a server in trouble may be well again in a minute. */
  get isFinal(): boolean {
    return this.status >= 400 && this.status < 500 && ![401, 408, 429].includes(this.status);
  }
}

/** No answer came: the server is off, or the cable is out. */
export class ServerAway extends Error {
  constructor() {
    super('The server does not answer. What you typed waits here and is sent when it is back.');
  }
}

interface Answer<T> {
  data?: T | undefined;
  error?: unknown;
  response: Response;
}

/** The data of a call. Throws {@link Problem} with the server's sentence, or {@link ServerAway}. */
export async function answered<T>(call: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await call.catch(() => {
    throw new ServerAway();
  });
  if (response.ok && data !== undefined) {
    return data;
  }
  throw problem(response.status, error);
}

const toldAtTheDoor = new Set<() => void>();
let wantsPassphrase = false;

/** Whether the server last asked for the shop’s passphrase. */
export const theDoor = {
  subscribe: (listener: () => void): (() => void) => {
    toldAtTheDoor.add(listener);
    return () => toldAtTheDoor.delete(listener);
  },
  isShut: (): boolean => wantsPassphrase,
};

function problem(status: number, body: unknown): Problem {
  const { code, detail, field, hint } = (
    typeof body === 'object' && body !== null ? body : {}
  ) as Record<string, unknown>;
  if (code === 'passphrase-wanted' && !wantsPassphrase) {
    wantsPassphrase = true;
    toldAtTheDoor.forEach((listener) => listener());
  }
  return new Problem(
    status,
    typeof code === 'string' ? code : 'no-answer',
    typeof detail === 'string' ? detail : `The server answered ${status} without saying why.`,
    typeof field === 'string' ? field : '',
    typeof hint === 'string' ? hint : '',
  );
}

/** The address that begins a set at once. */
export function pathToPractise(
  asked: Partial<Record<keyof Schemas['PracticeSetBody'], string | number | boolean>> = {},
) {
  const query = new URLSearchParams(
    Object.entries({ items: 10, level: 'traps', ...asked }).map(([name, value]) => [
      name,
      String(value),
    ]),
  );
  return `/practice/new?${query}`;
}
