import { type IDBPDatabase, openDB } from 'idb';
import { answered, client, Problem, type ReadingBody, type Sheet } from './client';
import { showSheet } from './queries';

/**
 * A reading that the server has not acknowledged yet.
 *
 * @param id made here, so that sending it twice keeps it once
 * @param figure as it was typed or set, for showing
 * @param refusal the server's sentence, when it will never take it; it then lies in the tray
 */
export interface WaitingReading {
  id: string;
  body: ReadingBody;
  figure: string;
  refusal?: string;
}

/** What became of a reading that was kept here. */
export type Fate = 'kept' | 'waiting' | Problem;

const STORE = 'readings';
/** A server that is away is asked again so often. */
export const ASK_AGAIN_MS = 1500;

/**
 * Readings between the hand and the server. Each is written down here before it is sent, and crossed out only when the
 * server has it, so that a reload, a closed tab or a server gone for a minute loses nothing.
 */
export class Outbox {
  private readings: readonly WaitingReading[] = [];
  private away = false;
  private sending: Promise<void> | undefined;
  private again: ReturnType<typeof setTimeout> | undefined;
  private readonly listeners = new Set<() => void>();
  private readonly fates = new Map<string, (fate: Fate) => void>();
  private book: Promise<IDBPDatabase> | undefined;

  constructor(private readonly show: (sheet: Sheet) => Promise<void>) {}

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

  /** Writes a reading down and sends it. The promise is fulfilled once it is written down here. */
  async keep(reading: WaitingReading): Promise<{ fate: Promise<Fate> }> {
    const fate = new Promise<Fate>((tell) => this.fates.set(reading.id, tell));
    this.become([...this.readings, reading]);
    const written = this.opened().then((book) => book.put(STORE, reading));
    this.send();
    await written;
    return { fate };
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
        this.again = setTimeout(() => this.send(), ASK_AGAIN_MS);
      }
    });
  }

  /** Fulfilled when nothing is on its way. */
  idle(): Promise<void> {
    return this.sending ?? Promise.resolve();
  }

  private next(): WaitingReading | undefined {
    return this.readings.find(({ refusal }) => refusal === undefined);
  }

  private async sendAll(): Promise<void> {
    for (let reading = this.next(); reading !== undefined; reading = this.next()) {
      const fate = await this.sent(reading);
      this.fates.get(reading.id)?.(fate);
      if (fate === 'waiting') {
        return;
      }
      this.fates.delete(reading.id);
    }
  }

  private async sent({ id, body, ...rest }: WaitingReading): Promise<Fate> {
    try {
      const sheet = await answered(
        client.PUT('/api/readings/{id}', { params: { path: { id } }, body }),
      );
      await this.show(sheet);
      this.hear(true);
      await this.putAway(id);
      return 'kept';
    } catch (failure) {
      if (failure instanceof Problem && failure.isFinal) {
        this.hear(true);
        const refused = { id, body, ...rest, refusal: failure.message };
        this.become(this.readings.map((reading) => (reading.id === id ? refused : reading)));
        await (await this.opened()).put(STORE, refused);
        return failure;
      }
      this.hear(false);
      return 'waiting';
    }
  }

  private hear(answer: boolean): void {
    if (this.away === answer) {
      this.away = !answer;
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

export const outbox = new Outbox(showSheet);
