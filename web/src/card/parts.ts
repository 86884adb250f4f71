/** The parts of the card: where each is, its key, and what it answers. */
export const PARTS = [
  { path: 'inch', key: 'i', name: 'Inch and mm', does: '17/32 as a decimal, and in millimetres' },
  {
    path: 'threads',
    key: 't',
    name: 'Threads',
    does: 'which drill for M8, which hole lets it through',
  },
  {
    path: 'fits',
    key: 'f',
    name: 'Fits',
    does: '40 H7/g6: both zones, what lies between; general tolerances',
  },
  { path: 'holes', key: 'h', name: 'Hole distances', does: 'how far two centres are apart' },
  { path: 'v-block', key: 'v', name: 'V-block', does: 'lobes that two contacts cannot see' },
  { path: 'blocks', key: 'b', name: 'Blocks', does: 'which gauge blocks make a size' },
  { path: 'feelers', key: 'l', name: 'Leaves', does: 'which feeler leaves make a gap' },
  {
    path: 'twenty',
    key: 'd',
    name: 'At 20 °C',
    does: 'what warmth does to a size, how long to wait',
  },
  { path: 'words', key: 'w', name: 'Words', does: 'what each word means, with a picture' },
  {
    path: 'schools',
    key: 's',
    name: 'Schools, cautions',
    does: 'why shops judge differently; what can hurt',
  },
] as const;

export type CardPart = (typeof PARTS)[number]['path'];
