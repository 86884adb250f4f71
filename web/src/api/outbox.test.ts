import { IDBFactory } from 'fake-indexeddb';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem, type ReadingBody } from './client';
import { Outbox, type WaitingReading } from './outbox';

const body: ReadingBody = {
  part: 2,
  feature: 2,
  round: 0,
  place: 2,
  gauge: 6,
  person: 1,
  typed: '32.221',
  takenAt: '2026-03-10T08:00:00Z',
};
const reading = (id: string): WaitingReading => ({ id, body, figure: '32.221' });
const answer = (status: number, content: object) =>
  new Response(JSON.stringify(content), {
    status,
    headers: { 'Content-Type': 'application/json' },
  });

describe('the outbox', () => {
  const server = vi.fn<(request: Request) => Promise<Response>>();
  const shown = vi.fn(() => Promise.resolve());

  beforeEach(() => {
    globalThis.indexedDB = new IDBFactory();
    server.mockReset();
    shown.mockClear();
    vi.stubGlobal('fetch', server);
  });

  it('sends a reading once and crosses it out when the server has it', async () => {
    server.mockResolvedValue(answer(201, { say: 'kept' }));
    const outbox = new Outbox(shown);
    const { fate } = await outbox.keep(reading('a'));
    expect(await fate).toBe('kept');
    expect(server).toHaveBeenCalledTimes(1);
    expect(server.mock.calls[0]?.[0].url).toContain('/api/readings/a');
    expect(shown).toHaveBeenCalledWith({ say: 'kept' });
    expect(outbox.all()).toEqual([]);
    const nextVisit = new Outbox(shown);
    await nextVisit.open();
    expect(nextVisit.all()).toEqual([]);
  });

  it('keeps what it cannot send, over a reload, and sends it in order when the server is back', async () => {
    server.mockRejectedValue(new TypeError('refused'));
    const outbox = new Outbox(shown);
    const { fate } = await outbox.keep(reading('a'));
    await outbox.keep(reading('b'));
    expect(await fate).toBe('waiting');
    expect(outbox.isAway()).toBe(true);
    expect(outbox.all().map(({ id }) => id)).toEqual(['a', 'b']);

    server.mockReset();
    server.mockImplementation(() => Promise.resolve(answer(200, {})));
    const nextVisit = new Outbox(shown);
    await nextVisit.open();
    await vi.waitFor(() => expect(nextVisit.all()).toEqual([]));
    expect(server.mock.calls.map(([request]) => request.url.slice(-1))).toEqual(['a', 'b']);
    expect(nextVisit.isAway()).toBe(false);
  });

  it('waits for a server in trouble, and does not take its trouble for a refusal', async () => {
    server.mockResolvedValue(answer(500, { code: 'failed-here', detail: 'Try again.' }));
    const outbox = new Outbox(shown);
    const { fate } = await outbox.keep(reading('a'));
    expect(await fate).toBe('waiting');
    expect(outbox.all()[0]?.refusal).toBeUndefined();
  });

  it('lays a refused reading in the tray with its sentence, and goes on with the next', async () => {
    server.mockImplementation((request) =>
      Promise.resolve(
        request.url.endsWith('bad')
          ? answer(422, { code: 'no-number', detail: '“abc” is no figure.', field: 'typed' })
          : answer(201, {}),
      ),
    );
    const outbox = new Outbox(shown);
    const { fate } = await outbox.keep(reading('bad'));
    const refusal = await fate;
    expect(refusal).toBeInstanceOf(Problem);
    expect((refusal as Problem).field).toBe('typed');
    const next = await outbox.keep(reading('good'));
    expect(await next.fate).toBe('kept');
    expect(outbox.all()).toMatchObject([{ id: 'bad', refusal: '“abc” is no figure.' }]);

    const nextVisit = new Outbox(shown);
    await nextVisit.open();
    expect(nextVisit.all()).toMatchObject([{ id: 'bad', refusal: '“abc” is no figure.' }]);
    await nextVisit.putAway('bad');
    expect(nextVisit.all()).toEqual([]);
  });
});
