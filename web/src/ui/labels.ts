/** Plain labels, by the code that the server knows a thing by. */

export const KINDS: Record<string, string> = {
  outside: 'outside',
  inside: 'inside',
  bore: 'bore',
  depth: 'depth',
  step: 'step or height',
  slot: 'slot or gap',
  'centre-distance': 'centre distance',
  runout: 'runout',
  'looked-at': 'looked at',
};

/** What somebody may do here. */
export const MAY: Record<string, string> = {
  learns: 'learns',
  measures: 'measures',
  teaches: 'teaches',
  signs: 'signs',
  'keeps-the-drawer': 'keeps the drawer',
};

export const UNITS: Record<string, string> = { mm: 'millimetres', in: 'inches' };

export const MASTER_KINDS: Record<string, string> = {
  bar: 'bar',
  ring: 'ring',
  pin: 'pin',
  block: 'block',
  'block-set': 'set of blocks',
};

export const LAYOUTS: Record<string, string> = {
  'one-place': 'one place',
  'shaft-journal': 'journal, 2 × 2',
  bore: 'bore, 3 × 2',
  'long-bore': 'long bore, 5 × 2',
  'three-axes': '3 × 3, each 60°',
  'four-axes': '3 × 4, each 45°',
  free: 'free',
};

export const ORDERS: Record<string, string> = {
  'down-each-axis': 'down each axis, then turn',
  'around-each-section': 'around each section',
};

export const SHAPES: Record<string, string> = {
  shaft: 'shaft',
  barrel: 'barrel',
  bush: 'bush',
  plate: 'plate',
};

export const ROUNDS: Record<string, string> = {
  cuts: 'as found, after cut 1, after cut 2',
  'as-left': 'as found, as left',
};

export const TEMPLATES: Record<string, readonly [name: string, holds: string]> = {
  'shaft-journals': ['Shaft with journals', 'two journals, runout, what to look at'],
  barrels: ['Barrels', 'one bore, three sections by two axes'],
  plungers: ['Plungers', 'one outside, three sections by two axes'],
  'turned-shaft': ['Turned shaft', 'two ends, body, shoulder length'],
  'plate-two-holes': ['Plate with two holes', 'two holes, their centres, thickness'],
  'bush-and-pin': ['Bush and pin', 'two plans that go together'],
};

export const CAUTIONS: Record<string, string> = {
  'machine-stopped': 'machine stopped',
  sharp: 'sharp',
  eyes: 'eyes',
  heavy: 'heavy or sprung',
  hot: 'hot or chilled',
  solvents: 'cleaning solvents',
  'button-cells': 'button cells',
  dust: 'unknown dust',
};

/** What a setting is called, and its choices where they are not typed. */
export interface SettingLabel {
  name: string;
  choices?: Record<string, string>;
  hint?: string;
}

export const SETTINGS: Record<string, SettingLabel> = {
  'shop-name': { name: 'Name of the shop' },
  unit: { name: 'New jobs are written in', choices: UNITS },
  repeats: {
    name: 'How many repeats',
    choices: {
      once: 'once, with a live gauge',
      'two-then-third': 'two, a third if they differ',
      'three-averaged': 'three, averaged',
      'three-alike': 'three alike',
    },
  },
  'gauge-choice': {
    name: 'Caliper or micrometer',
    choices: {
      tenth: 'resolution a tenth of the tolerance',
      quarter: 'uncertainty a quarter of it',
      shown: 'what I have shown I can hold',
    },
  },
  drive: {
    name: 'Ratchet or feel',
    choices: { ratchet: 'ratchet, save on transfer gauges', feel: 'by feel' },
  },
  telescoping: {
    name: 'Telescoping gauge',
    choices: { 'once-through': 'pulled through once', rocked: 'rocked, locked, swung again' },
  },
  'bore-set-size': {
    name: 'Where to set a bore gauge',
    choices: {
      middle: 'middle of the limits',
      smallest: 'smallest size allowed',
      'round-figure': 'a round figure near',
    },
  },
  axes: {
    name: 'Which axes',
    choices: {
      thrust: 'thrust axis alone',
      'thrust-and-cross': 'thrust and cross',
      three: 'three or more',
    },
  },
  'place-value': {
    name: 'Value of a place',
    choices: {
      average: 'average of its repeats',
      median: 'median',
      worst: 'worst: largest hole, smallest shaft',
    },
  },
  'near-limit': {
    name: 'Near the limit',
    choices: { guarded: 'guarded by the uncertainty', plain: 'the limit as it stands' },
  },
  'quick-check': {
    name: 'Quick check asked for',
    choices: {
      never: 'never',
      'first-place': 'at the first place of each feature',
      'every-place': 'at every place',
    },
  },
  'out-of-round': {
    name: 'Out-of-round',
    choices: {
      both: 'both shown',
      difference: 'largest minus smallest diameter',
      roundness: 'half of that, as on drawings',
    },
  },
  taper: {
    name: 'Taper',
    choices: {
      'largest-difference': 'largest minus smallest along an axis',
      'end-to-end': 'end minus end',
      slope: 'slope per length',
    },
  },
  display: {
    name: 'Display',
    choices: { both: 'digits and needle', needle: 'needle and scale', digits: 'digits' },
  },
  'general-tolerance': {
    name: 'Sizes without a tolerance',
    choices: {
      none: 'not stated',
      f: 'ISO 2768 fine',
      m: 'ISO 2768 medium',
      c: 'ISO 2768 coarse',
      v: 'ISO 2768 very coarse',
    },
  },
  'clean-up-metric': { name: 'Wanted off each side at rework, in mm', hint: '0.05' },
  'contact-metric': { name: 'A contact keeps off a band by half its width, in mm', hint: '2' },
  'contact-inch': { name: 'The same, in inches', hint: '0.08' },
  'clean-up-inch': { name: 'Wanted off each side at rework, in inches', hint: '0.002' },
  'decimals-1': { name: 'Inch sizes as .x are ±', hint: '0.030' },
  'decimals-2': { name: 'Inch sizes as .xx are ±', hint: '0.010' },
  'decimals-3': { name: 'Inch sizes as .xxx are ±', hint: '0.005' },
  'decimals-4': { name: 'Inch sizes as .xxxx are ±', hint: '0.0005' },
  cautions: { name: 'Cautions that matter' },
  'trial-months': { name: 'A trial counts for, in months', hint: '6' },
  'check-break-hours': { name: 'Look at a zero after a break of, in hours', hint: '4' },
  'setting-minutes': { name: 'A bore gauge’s setting is trusted for, in minutes', hint: '30' },
  'setting-readings': { name: 'and for so many readings', hint: '20' },
  'soak-minutes': { name: 'A soak takes for each 25 mm, in minutes', hint: '60' },
  'temperature-measured': { name: 'Measured, part and gauge may differ by, in K', hint: '0.3' },
  'temperature-apart': {
    name: 'Part and gauge may differ unseen by, in K',
    hint: '1',
  },
  'room-from-twenty': { name: 'The room may be off 20 °C by, in K', hint: '5' },
  'machine-reads': {
    name: 'The machine’s dial reads',
    choices: { radius: 'radius', diameter: 'diameter' },
  },
  'machine-division-metric': { name: 'Its dial’s smallest division, in mm', hint: '0.01' },
  'machine-division-inch': { name: 'Its dial’s smallest division, in inches', hint: '0.001' },
  'gauge-port': {
    name: 'The port for gauges that speak is open',
    choices: {
      off: 'to nobody',
      here: 'to this machine',
      network: 'to the network, with a token',
    },
  },
  'keyboard-gauges': {
    name: 'Gauges that type put around a figure',
    hint: 'M6 # mm; C3 D= -',
  },
  'serial-gauges': { name: 'Gauges at serial ports', hint: 'M6 ttyUSB0 9600; C3 COM3' },
  'gauge-port-number': { name: 'Its number', hint: '4810' },
  materials: { name: 'Materials of our own', hint: 'gunmetal 18.3; tin bronze 17.8' },
  'slips-seen-by': {
    name: 'Slips that were owned to are seen by',
    choices: { own: 'who made them', shop: 'everybody here' },
  },
  sounds: { name: 'Sounds', choices: { on: 'on', off: 'off' } },
  'short-entry': { name: 'Figures by their last digits', choices: { on: 'on', off: 'off' } },
  'read-back': { name: 'Figures spoken back', choices: { on: 'on', off: 'off' } },
  theme: {
    name: 'Light or dim',
    choices: { device: 'as the device prefers', light: 'light', dim: 'dim' },
  },
};

/** The schools, in the order of the work. */
export const SCHOOLS: readonly string[] = [
  'repeats',
  'gauge-choice',
  'drive',
  'telescoping',
  'bore-set-size',
  'axes',
  'place-value',
  'near-limit',
  'quick-check',
  'out-of-round',
  'taper',
  'display',
];
