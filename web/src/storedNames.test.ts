import { describe, expect, it } from 'vitest';

/**
 * What browsers keep, and what people have written down or bookmarked, keeps its name: a figure waits in IndexedDB while the program
 * is renewed, and a link in somebody’s mail opens what it showed.
 */
const sources = import.meta.glob<string>(['./**/*.{ts,tsx}', '!./**/*.test.{ts,tsx}'], {
  query: '?raw',
  import: 'default',
  eager: true,
});
const source = (file: string): string => sources[file] ?? '';

describe('what is kept in a browser keeps its name', () => {
  it.each([
    ['./api/outbox.ts', "openDB('jaw-read', 1,"],
    ['./api/outbox.ts', "const STORE = 'readings'"],
    ['./ui/remembered.ts', '`jaw-read ${what}`'],
    ['./measure/useEntry.ts', '`jaw-read draft ${draft}`'],
    ['./ui/theme.ts', "'theme'"],
    ['./keys/bindings.ts', "useRemembered('keys', '{}')"],
    ['./keys/bindings.ts', "useRemembered('letters', 'on')"],
    ['./keys/strays.ts', "const NAME = 'strays'"],
    ['./measure/useMeasuring.ts', "useRemembered('sounds'"],
    ['./measure/useMeasuring.ts', "useRemembered('read back'"],
    ['./bench/QuickSize.tsx', "useRemembered('quick gauge'"],
    ['./measure/Moved.tsx', "useRemembered('moved'"],
  ])('%s has %s', (file, words) => {
    expect(source(file)).toContain(words);
  });
});

describe('an address that was written down opens what it opened', () => {
  it.each([
    '/',
    '/parts/:part/features/:feature',
    '/parts/:part/judgement',
    '/parts/:part/ready',
    '/parts/:part/features/:feature/over-time',
    '/jobs/:job/pairing',
    '/read',
    '/read/:scale',
    '/jobs',
    '/jobs/:job',
    '/plans/:plan/gauges',
    '/doubts',
    '/slips',
    '/drawer',
    '/drawer/add',
    '/drawer/study',
    '/drawer/:gauge',
    '/drawer/:gauge/set',
    '/drawer/:gauge/trial',
    '/technique',
    '/technique/:kind',
    '/settings',
  ])('%s', (address) => {
    expect(source('./App.tsx') + source('./Beside.tsx')).toContain(`<Route path="${address}"`);
  });

  it.each([
    'inch',
    'threads',
    'fits',
    'holes',
    'v-block',
    'blocks',
    'feelers',
    'twenty',
    'words',
    'schools',
  ])('/card/%s', (part) => {
    expect(source('./Beside.tsx')).toContain('<Route path="/card/*"');
    expect(source('./card/Card.tsx')).toContain(`<Route path="${part}"`);
  });
});
