import { IDBFactory } from 'fake-indexeddb';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem, type ReadingBody, standsHere } from './client';
import { Outbox, type WaitingReading } from './outbox';

const body: ReadingBody = {
  part: 2,
  feature: 2,
  round: 0,
  place: 2,
  gauge: 6,
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
    expect(server.mock.calls[0]?.[0].url).toContain('/api/v1/readings/a');
    expect(shown).toHaveBeenCalledWith({ say: 'kept' });
    expect(outbox.all()).toEqual([]);
    const nextVisit = new Outbox(shown);
    await nextVisit.open();
    expect(nextVisit.all()).toEqual([]);
  });

  /** Answers with what is written, as long as it is written. */
  const answeredInPieces = () => {
    let more: ReadableStreamDefaultController<Uint8Array> | undefined;
    const body = new ReadableStream<Uint8Array>({
      start: (controller) => void (more = controller),
    });
    server.mockResolvedValue(new Response(body, { status: 201 }));
    return {
      write: (text: string) => more?.enqueue(new TextEncoder().encode(text)),
      end: () => more?.close(),
      breakOff: () => more?.error(new TypeError('the cable is out')),
    };
  };

  it('tells what a reading came to before its sheet is made, and shows that once it is here', async () => {
    const answer = answeredInPieces();
    const outbox = new Outbox(shown);
    const { fate } = await outbox.keep(reading('a'));
    answer.write('{"id": "a", "seq": 7, "told": {"say": "32.221 mm kept"}}\n');
    expect(await fate).toBe('kept');
    expect(outbox.all()).toEqual([]);
    expect(shown).toHaveBeenCalledTimes(1);
    answer.write('{"id": "a", "seq": 7, "shown": {"say": "the sheet"}}\n');
    answer.end();
    await vi.waitFor(() => expect(shown).toHaveBeenCalledTimes(2));
    expect(shown).toHaveBeenLastCalledWith({ id: 'a', seq: 7, shown: { say: 'the sheet' } });
  });

  it('has the sheet asked for when it breaks off behind what it came to', async () => {
    const answer = answeredInPieces();
    const outbox = new Outbox(shown);
    const { fate } = await outbox.keep(reading('a'));
    answer.write('{"id": "a", "seq": 7}\n{"id": "a", "sh');
    expect(await fate).toBe('kept');
    answer.breakOff();
    await vi.waitFor(() => expect(shown).toHaveBeenCalledTimes(2));
    expect(shown).toHaveBeenLastCalledWith({ id: '' });
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

  it('sends a refused one again when what was in its way has gone, as taken then', async () => {
    server.mockResolvedValueOnce(answer(422, { code: 'not-set', detail: 'Set it first.' }));
    server.mockImplementation(() => Promise.resolve(answer(201, {})));
    const outbox = new Outbox(shown);
    await (
      await outbox.keep(reading('a'))
    ).fate;
    expect(outbox.all()[0]?.refusal).toBe('Set it first.');
    await outbox.takeUp('a', '2026-03-10T09:00:00.000Z');
    await vi.waitFor(() => expect(outbox.all()).toEqual([]));
    const again = server.mock.calls.at(-1)?.[0];
    expect(await again?.json()).toMatchObject({ takenAt: '2026-03-10T09:00:00.000Z' });
  });

  it('waits for a server in trouble, and takes its trouble neither for a refusal nor for silence', async () => {
    server.mockResolvedValue(answer(500, { code: 'failed-here', detail: 'Try again.' }));
    const outbox = new Outbox(shown);
    const { fate } = await outbox.keep(reading('a'));
    expect(await fate).toBe('waiting');
    expect(outbox.all()[0]?.refusal).toBeUndefined();
    expect(outbox.isAway()).toBe(false);
    expect(outbox.inTrouble()).toBe('Try again.');
  });

  it('lets one that the server always fails at step aside with its words, and sends the fifty behind it', async () => {
    let isWell = false;
    server.mockImplementation((request) =>
      Promise.resolve(
        request.url.endsWith('always-fails') && !isWell
          ? answer(500, { code: 'failed-here', detail: 'Something went wrong in the server.' })
          : answer(201, {}),
      ),
    );
    const outbox = new Outbox(shown, 1, 60_000);
    await outbox.keep(reading('always-fails'));
    const good = Array.from({ length: 50 }, (_, i) => `good-${i}`);
    for (const id of good) {
      await outbox.keep(reading(id));
    }
    await vi.waitFor(() => expect(outbox.all()).toHaveLength(1));
    expect(outbox.all()).toMatchObject([
      { id: 'always-fails', aside: 'Something went wrong in the server.' },
    ]);
    expect(outbox.isAway()).toBe(false);
    const sent = server.mock.calls.map(([request]) => request.url.split('/').at(-1));
    expect(sent.filter((id) => id === 'always-fails')).toHaveLength(3);
    expect(sent.filter((id) => id !== 'always-fails')).toEqual(good);

    // It lies there over a reload, and is sent again when the server may be well.
    const nextVisit = new Outbox(shown, 1, 60_000);
    await nextVisit.open();
    expect(nextVisit.all()).toMatchObject([{ id: 'always-fails' }]);
    isWell = true;
    nextVisit.sendAside();
    await vi.waitFor(() => expect(nextVisit.all()).toEqual([]));
  });

  it('tries what stepped aside again by itself', async () => {
    server.mockImplementation(() =>
      Promise.resolve(answer(503, { code: 'disk-full', detail: 'The disk is full.' })),
    );
    const outbox = new Outbox(shown, 1, 100);
    await outbox.keep(reading('a'));
    await vi.waitFor(() => expect(outbox.all()).toMatchObject([{ aside: 'The disk is full.' }]));
    server.mockImplementation(() => Promise.resolve(answer(200, {})));
    await vi.waitFor(() => expect(outbox.all()).toEqual([]));
    expect(outbox.inTrouble()).toBe('');
  });

  it('crosses out what is kept, though its page could not be shown', async () => {
    server.mockResolvedValue(answer(201, { id: 'a', kept: 'now' }));
    const outbox = new Outbox(() => Promise.reject(new Error('no page')));
    const { fate } = await outbox.keep(reading('a'));
    expect(await fate).toBe('kept');
    expect(outbox.all()).toEqual([]);
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

  const by = { id: 2, name: 'Bero' };
  const sentAs = (call: number) => server.mock.calls[call]?.[0].headers.get('Jawread-Person');

  it('sends each reading with the ticket it was typed under, whoever stands there by then', async () => {
    server.mockResolvedValue(answer(201, { say: 'kept' }));
    standsHere(1);
    const outbox = new Outbox(shown);
    await outbox.keep({ ...reading('a'), by });
    await outbox.idle();
    expect(sentAs(0)).toBe('2');
    standsHere(undefined);
  });

  it('lets a reading whose ticket has ended wait for its person, and sends those of others', async () => {
    server.mockImplementation((request) =>
      Promise.resolve(
        request.headers.get('Jawread-Person') === '2'
          ? answer(401, { code: 'ticket-ended', detail: 'Touch the name Bero again.' })
          : answer(201, { say: 'kept' }),
      ),
    );
    const outbox = new Outbox(shown);
    const { fate } = await outbox.keep({ ...reading('a'), by });
    await outbox.keep({ ...reading('b'), by: { id: 1, name: 'Ansa' } });
    expect(await fate).toBe('waiting');
    await outbox.idle();
    expect(outbox.all()).toEqual([{ ...reading('a'), by, ended: 'Touch the name Bero again.' }]);
    expect(outbox.isAway()).toBe(false);
    // Somebody else's name changes nothing for it; its own does.
    const asked = server.mock.calls.length;
    outbox.signedOn(1);
    await outbox.idle();
    expect(server.mock.calls.length).toBe(asked);
    server.mockResolvedValue(answer(201, { say: 'kept' }));
    server.mockImplementation(() => Promise.resolve(answer(201, { say: 'kept' })));
    outbox.signedOn(2);
    await outbox.idle();
    expect(outbox.all()).toEqual([]);
  });

  it('lays one from before that names another than its ticket into the tray, with the words', async () => {
    server.mockResolvedValue(
      answer(403, { code: 'another-persons-name', detail: 'Typed under another name.' }),
    );
    const outbox = new Outbox(shown);
    await outbox.keep({ ...reading('a'), body: { ...body, person: 1 } });
    await outbox.idle();
    expect(outbox.all()).toEqual([
      { ...reading('a'), body: { ...body, person: 1 }, refusal: 'Typed under another name.' },
    ]);
  });
});
