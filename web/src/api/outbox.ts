import { type IDBPDatabase, openDB } from 'idb';
import {
  answered,
  asPerson,
  client,
  Problem,
  ServerAway,
  type KeptReading,
  type ReadingBody,
} from './client';
import { lines } from './lines';
import { showReading } from './queries';

/**
 * A reading that the server has not acknowledged yet.
 *
 * @param id made here, so that sending it twice keeps it once
 * @param by whose ticket it was typed under: it is sent with that, whoever stands here by then. One from before names its person in
 *   the body
 * @param figure as it was typed or set, for showing
 * @param refusal the server's sentence, when it will never take it; it then lies in the tray
 * @param aside the server's words, when it failed at this one again and again: it lies in the tray too, so that those behind it go on,
 *   and is sent again from time to time
 * @param ended the server’s words, when that ticket has ended: it waits until the person has touched their name again
 */
export interface WaitingReading {
  id: string;
  body: ReadingBody;
  by?: { id: number; name: string };
  figure: string;
  refusal?: string;
  aside?: string;
  ended?: string;
}

/** Why it lies in the tray; undefined for one that is on its way. */
export const inTray = ({ refusal, aside }: WaitingReading): string | undefined => refusal ?? aside;

/** As it was before the server said anything of it. */
const asTaken = ({ id, body, by, figure }: WaitingReading): WaitingReading => ({
  id,
  body,
  figure,
  ...(by && { by }),
});

/** What became of a reading that was kept here. */
export type Fate = 'kept' | 'waiting' | Problem;

const STORE = 'readings';
/** The answer in lines, what it came to before the sheet; what is refused is refused in plain JSON. */
const IN_LINES = { Accept: 'application/x-ndjson, application/json;q=0.9' };
/** A page that is not in sight is never painted. */
const SOON_MS = 200;
/** A server that is away is asked again so often. */
export const ASK_AGAIN_MS = 1500;
/** One that it failed at so often steps aside … */
const MOST_FAILURES = 3;
/** … and is tried again so often. */
const ASIDE_MS = 30_000;

/**
 * Readings between the hand and the server. Each is written down here before it is sent, and crossed out only when the
 * server has it, so that a reload, a closed tab or a server gone for a minute loses nothing.
 */
export class Outbox {
  private readings: readonly WaitingReading[] = [];
  private away = false;
  /** What the server said of its own trouble when it last failed; empty while it is well. */
  private trouble = '';
  private readonly failures = new Map<string, number>();
  private sending: Promise<void> | undefined;
  private again: ReturnType<typeof setTimeout> | undefined;
  private readonly listeners = new Set<() => void>();
  private readonly fates = new Map<string, (fate: Fate) => void>();
  private book: Promise<IDBPDatabase> | undefined;

  constructor(
    private readonly show: (line: KeptReading) => Promise<void>,
    private readonly askAgainMs = ASK_AGAIN_MS,
    private readonly asideMs = ASIDE_MS,
  ) {}

  /** Takes up what an earlier visit, or another tab that was closed, left unsent. */
  async open(): Promise<void> {
    const book = await this.opened();
    const left = (await book.getAll(STORE)) as WaitingReading[];
    const known = new Set(this.readings.map(({ id }) => id));
    this.become([...left.filter(({ id }) => !known.has(id)), ...this.readings]);
    this.send();
  }

  private opened(): Promise<IDBPDatabase> {
    this.book ??= openDB('jaw-read', 1, {
      upgrade: (book) =>
        void book.createObjectStore(STORE, { keyPath: 'id', autoIncrement: false }),
    });
    return this.book;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Those not yet acknowledged, in the order they were taken; refused ones among them. */
  all = (): readonly WaitingReading[] => this.readings;

  isAway = (): boolean => this.away;

  inTrouble = (): string => this.trouble;

  /** Writes a reading down and sends it. The promise is fulfilled once it is written down here. */
  async keep(reading: WaitingReading): Promise<{ fate: Promise<Fate> }> {
    const fate = new Promise<Fate>((tell) => this.fates.set(reading.id, tell));
    this.become([...this.readings, reading]);
    const written = this.opened().then((book) => book.put(STORE, reading));
    this.send();
    await written;
    return { fate };
  }

  /** Somebody touched their name: what waited for that is sent. */
  signedOn(person: number): void {
    this.become(
      this.readings.map((reading) =>
        reading.ended !== undefined && (reading.by?.id ?? person) === person
          ? asTaken(reading)
          : reading,
      ),
    );
    this.send();
  }

  /** Sends a refused reading once more: what was in its way has gone. @param takenAt it is taken again now */
  async takeUp(id: string, takenAt: string): Promise<void> {
    const refused = this.readings.find((reading) => reading.id === id);
    if (refused) {
      const again = asTaken({ ...refused, body: { ...refused.body, takenAt } });
      this.become(this.readings.map((each) => (each.id === id ? again : each)));
      await (await this.opened()).put(STORE, again);
      this.send();
    }
  }

  /** Takes a refused reading out of the tray, for good. */
  async putAway(id: string): Promise<void> {
    this.become(this.readings.filter((reading) => reading.id !== id));
    await (await this.opened()).delete(STORE, id);
  }

  /** Sends what waits, in order, one at a time. */
  send(): void {
    clearTimeout(this.again);
    this.sending ??= this.sendAll().finally(() => {
      this.sending = undefined;
      if (this.next() !== undefined) {
        this.again = setTimeout(() => this.send(), this.askAgainMs);
      } else if (this.readings.some(({ aside }) => aside !== undefined)) {
        this.again = setTimeout(() => this.sendAside(), this.asideMs);
      }
    });
  }

  /** Tries once more what stepped aside, behind all that waits. */
  sendAside(): void {
    const waits = this.readings.filter(({ aside }) => aside === undefined);
    const back = this.readings.filter(({ aside }) => aside !== undefined);
    back.forEach(({ id }) => this.failures.set(id, MOST_FAILURES - 1));
    this.become([...waits, ...back.map(asTaken)]);
    this.send();
  }

  /** Fulfilled when nothing is on its way. */
  idle(): Promise<void> {
    return this.sending ?? Promise.resolve();
  }

  private next(): WaitingReading | undefined {
    return this.readings.find(
      (reading) => inTray(reading) === undefined && reading.ended === undefined,
    );
  }

  private async sendAll(): Promise<void> {
    for (let reading = this.next(); reading !== undefined; reading = this.next()) {
      const fate = await this.sent(reading);
      this.fates.get(reading.id)?.(fate);
      const waitsForName = this.readings.some(
        ({ id, ended }) => id === reading.id && ended !== undefined,
      );
      if (fate === 'waiting' && !waitsForName) {
        return;
      }
      this.fates.delete(reading.id);
    }
  }

  private async sent(reading: WaitingReading): Promise<Fate> {
    const { id, body, by } = reading;
    const kept = await answered(
      client.PUT('/api/v1/readings/{id}', {
        params: { path: { id } },
        body,
        headers: { ...IN_LINES, ...(by && asPerson(by.id)) },
        parseAs: 'stream',
      }),
    )
      .then(async (answer) => {
        const told = lines<KeptReading>(answer as ReadableStream<BufferSource>);
        const first = await told.next();
        return first.done ? new ServerAway() : { first: first.value, rest: told };
      })
      .catch((failure: unknown) => failure);
    if (kept instanceof Problem) {
      return await this.failed(reading, kept);
    }
    if (kept instanceof Error) {
      this.hear(false);
      return 'waiting';
    }
    const { first, rest } = kept as { first: KeptReading; rest: AsyncGenerator<KeptReading> };
    // It is kept, whatever comes of showing it. Shown and crossed out in one turn, the page is drawn once.
    const isShown = this.show(first).catch(() => undefined);
    const isPutAway = this.putAway(id);
    this.hear(true);
    this.failures.delete(id);
    await isShown;
    void this.showAll(rest);
    await isPutAway;
    return 'kept';
  }

  /** The sheet, while the next reading may be on its way already. One that breaks off is asked for when the stream of events is back. */
  private async showAll(rest: AsyncGenerator<KeptReading>): Promise<void> {
    try {
      // What it came to is in sight before the rest of the sheet is drawn.
      await painted();
      for await (const line of rest) {
        await this.show(line);
      }
    } catch {
      await this.show({ id: '' });
    }
  }

  /** The server answered, and would not, or could not. */
  private async failed(reading: WaitingReading, problem: Problem): Promise<Fate> {
    if (problem.isFinal) {
      this.hear(true);
      await this.lay({ ...reading, refusal: problem.message });
      return problem;
    }
    if (problem.wantsName) {
      this.hear(true);
      const ended = problem.message;
      this.become(
        this.readings.map((each) => (each.id === reading.id ? { ...each, ended } : each)),
      );
      return 'waiting';
    }
    this.hear(true, problem.message);
    const failures = (this.failures.get(reading.id) ?? 0) + 1;
    this.failures.set(reading.id, failures);
    if (problem.status < 500 || failures < MOST_FAILURES) {
      return 'waiting';
    }
    await this.lay({ ...reading, aside: problem.message });
    return problem;
  }

  /** Into the tray, here and over a reload. */
  private async lay(reading: WaitingReading): Promise<void> {
    this.become(this.readings.map((each) => (each.id === reading.id ? reading : each)));
    await (await this.opened()).put(STORE, reading);
  }

  private hear(answer: boolean, trouble = ''): void {
    if (this.away === answer || this.trouble !== trouble) {
      this.away = !answer;
      this.trouble = trouble;
      this.tell();
    }
  }

  private become(readings: readonly WaitingReading[]): void {
    this.readings = readings;
    this.tell();
  }

  private tell(): void {
    this.listeners.forEach((listener) => listener());
  }
}

/** Fulfilled once what was just changed is in sight; where nobody looks, soon. */
const painted = () =>
  new Promise<void>((tell) => {
    const soon = setTimeout(tell, SOON_MS);
    requestAnimationFrame(() =>
      setTimeout(() => {
        clearTimeout(soon);
        tell();
      }),
    );
  });

export const outbox = new Outbox(showReading);
