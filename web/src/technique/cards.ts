import type { FigureName } from '../drawings/techniqueFigures';

/** Where the gauge is rocked, and which turning point is wanted there. */
export interface Turning {
  plane: string;
  seek: 'smallest' | 'largest' | 'none';
}

/** How one gauge is put to one kind of thing. */
export interface TechniqueCard {
  code: string;
  title: string;
  /** The kinds of gauge that it belongs to. */
  kinds: string[];
  figure: FigureName;
  turning: Turning[];
  /** What the turning points come to, in one sentence. */
  rule: string;
  ready: string[];
  hold: string[];
  read: string[];
  traps: string[];
  after: string[];
}

const CALIPERS = ['vernier-caliper', 'dial-caliper', 'digital-caliper'];

const SLIDE_READY = [
  'Wipe the jaws with a clean cloth, no lint; close them gently and hold them to the light: no gap may show.',
  'Closed, it says zero. A display: look which unit is on.',
];

const SLIDE_AFTER = [
  'Close it again after reading: does it still say zero?',
  'Wipe, a film of oil, jaws a little apart, out of the sun and off the machine.',
];

const HEAD_AFTER = ['Wipe, a film of oil, faces apart; never left closed tight.'];

export const CARDS: TechniqueCard[] = [
  {
    code: 'caliper-outside',
    title: 'Caliper, outside',
    kinds: CALIPERS,
    figure: 'jaws-outside',
    turning: [
      { plane: 'rocked along the part', seek: 'smallest' },
      { plane: 'turned across it', seek: 'smallest' },
    ],
    rule: 'Square to the part both ways: the smallest figure is the size.',
    ready: SLIDE_READY,
    hold: [
      'Work deep in the jaws, not at their tips: tips spring open and read small.',
      'The knife edges are for grooves and necks alone.',
      'Push with the thumb as lightly at the part as at the zero.',
      'A fluted tool is turned to its highest point.',
    ],
    read: [
      'Eye square to the scale: lines that do not lie in one plane shift against each other.',
      'Lock it, take it off the part, then read.',
    ],
    traps: [
      'Thumb too strong: the jaw tilts and it reads small.',
      'A burr at the edge lifts one jaw.',
    ],
    after: SLIDE_AFTER,
  },
  {
    code: 'caliper-inside',
    title: 'Caliper, inside',
    kinds: CALIPERS,
    figure: 'jaws-inside',
    turning: [
      { plane: 'across the hole', seek: 'largest' },
      { plane: 'along the hole', seek: 'smallest' },
    ],
    rule: 'Across the hole the largest, along it the smallest of those.',
    ready: SLIDE_READY,
    hold: [
      'Both inside jaws wholly in, parallel to the wall.',
      'Pull outward lightly, and swing slowly across: the figure grows, stops, shrinks.',
    ],
    read: [
      'Read at the turning point, before it is taken out: jaws drawn out along the wall close a little.',
    ],
    traps: [
      'The inside edges have a small flat: in little holes it reads small.',
      'Two contacts see no odd number of lobes.',
    ],
    after: SLIDE_AFTER,
  },
  {
    code: 'caliper-depth',
    title: 'Caliper, depth',
    kinds: CALIPERS,
    figure: 'depth-rod',
    turning: [{ plane: 'body rocked on the rim', seek: 'smallest' }],
    rule: 'The body square on the rim: the smallest figure at which the rod still touches.',
    ready: [...SLIDE_READY, 'Deburr the rim: the body stands on it.'],
    hold: [
      'Press the body flat on the rim with one hand; let the rod down with the other until it touches.',
      'In a square-bottomed hole with a radius in its corner the rod’s relieved corner goes toward the wall; over a drilled cone away from it.',
    ],
    read: ['Lock, lift off, read.'],
    traps: ['The body tilts: it reads large.', 'The rod stands on a chip.'],
    after: SLIDE_AFTER,
  },
  {
    code: 'caliper-step',
    title: 'Caliper, step',
    kinds: CALIPERS,
    figure: 'step',
    turning: [{ plane: 'rocked on the higher face', seek: 'smallest' }],
    rule: 'The ends of beam and slide, square on both faces: the smallest figure.',
    ready: SLIDE_READY,
    hold: [
      'Slide’s end on the higher face, beam’s end let down to the lower: steadier than the depth rod.',
      'Both faces wiped and free of burrs.',
    ],
    read: ['Lock, lift off, read.'],
    traps: ['A fillet between the faces holds the beam up.'],
    after: SLIDE_AFTER,
  },
  {
    code: 'outside-micrometer',
    title: 'Outside micrometer',
    kinds: ['outside-micrometer'],
    figure: 'frame',
    turning: [
      { plane: 'rocked along the part', seek: 'smallest' },
      { plane: 'swung across it', seek: 'largest' },
    ],
    rule: 'Swung across a round part it passes over the largest, and along it sits at the smallest.',
    ready: [
      'Wipe both faces by closing them on clean paper and drawing it out.',
      'Closed, or on a bar of the frame’s lower end, it says zero; the thimble neither binds nor runs free.',
    ],
    hold: [
      'The frame by its insulated part: a warm hand makes it grow.',
      'Part in a vice or a V-block gives two free hands; never clamped so hard that it goes oval.',
      'Three clicks of the ratchet, or the friction drive once through.',
    ],
    read: [
      'Sleeve first, then the thimble, then the vernier; at the part if it can be, else lock first.',
    ],
    traps: [
      'One sleeve line too many when it only just shows.',
      'A burr or a chip under the anvil.',
    ],
    after: HEAD_AFTER,
  },
  {
    code: 'inside-micrometer',
    title: 'Inside micrometer with rods',
    kinds: ['inside-micrometer'],
    figure: 'bar-in-bore',
    turning: [
      { plane: 'across the bore', seek: 'largest' },
      { plane: 'along the bore', seek: 'smallest' },
    ],
    rule: 'One end stands still. Swing the other: across the largest, along the smallest.',
    ready: [
      'Wipe rod, collar and seat: a speck between them is in every reading.',
      'Look which rod is in it: it is added by itself.',
    ],
    hold: [
      'Hold one end against the wall with a finger; feel with the other end for the turning point.',
      'The lightest drag that can still be felt, the same each time.',
    ],
    read: ['Lock, take it out tilted, then read.'],
    traps: [
      'The rod forgotten, or counted twice.',
      'Swung in one plane alone it reads large or small.',
    ],
    after: HEAD_AFTER,
  },
  {
    code: 'depth-micrometer',
    title: 'Depth micrometer',
    kinds: ['depth-micrometer'],
    figure: 'depth-head',
    turning: [{ plane: 'foot rocked on the rim', seek: 'smallest' }],
    rule: 'The foot flat on the rim; the ratchet says when the rod touches.',
    ready: [
      'Wipe foot and rod; on a surface plate the shortest rod says zero.',
      'Look which rod is in it.',
    ],
    hold: [
      'Press the foot down hard enough that the rod cannot lift it: that is felt as a tilt.',
      'In a hole with a radius in its corner keep the rod off it.',
    ],
    read: ['Its figures run the other way: what counts is covered. Take the last line hidden.'],
    traps: [
      'Read as an outside micrometer it is wrong by a whole figure.',
      'A burr under the foot.',
    ],
    after: HEAD_AFTER,
  },
  {
    code: 'telescoping-gauge',
    title: 'Telescoping gauge',
    kinds: ['telescoping-gauge'],
    figure: 'telescope',
    turning: [
      { plane: 'drawn through the bore’s centre', seek: 'smallest' },
      { plane: 'across the bore', seek: 'largest' },
    ],
    rule: 'Locked a little tilted, drawn once through upright: the wall closes it to the size.',
    ready: ['Wipe both ends; the plunger moves freely and the lock holds.'],
    hold: [
      'Let it open in the bore, handle a little tilted, and lock it lightly.',
      'Swing the handle once through the centre line: each further pass can lose the peak.',
      'By feel always: a ratchet overpowers its springs.',
    ],
    read: [
      'Carry the same light drag to the reader; the micrometer closes until it just slides.',
      'The check is a fresh repeat, not a second look at this one.',
    ],
    traps: [
      'Squeezed by the reader it reads small; locked while tilted it reads large.',
      'It cannot find a little out-of-round.',
    ],
    after: HEAD_AFTER,
  },
  {
    code: 'small-hole-gauge',
    title: 'Small-hole gauge',
    kinds: ['small-hole-gauge'],
    figure: 'ball',
    turning: [
      { plane: 'across the hole', seek: 'largest' },
      { plane: 'rocked along it', seek: 'smallest' },
    ],
    rule: 'Opened until it drags alike across and along, then measured over the ball.',
    ready: ['Wipe the ball; back the wedge off before it goes in.'],
    hold: [
      'Open it with two fingers while rocking, until the drag is just felt.',
      'Turn it in the hole: the drag should not change.',
    ],
    read: [
      'Measure over the halves with a micrometer at the same light drag, turned to the largest.',
    ],
    traps: ['Opened too far it springs the halves: small in the hole, large on the reader.'],
    after: HEAD_AFTER,
  },
  {
    code: 'dial-bore-gauge',
    title: 'Dial bore gauge',
    kinds: ['dial-bore-gauge', 'digital-bore-gauge'],
    figure: 'bore-gauge',
    turning: [
      { plane: 'rocked along the bore', seek: 'smallest' },
      { plane: 'across: its bridge centres it', seek: 'largest' },
    ],
    rule: 'Rock it along the bore and watch the needle turn back: that is the smallest, and the size.',
    ready: [
      'Gauge, master and part at one temperature.',
      'Press the contact with a thumb: which way do the figures go?',
      'Look what one graduation is worth.',
      'Set zero at the turning point on the master; swept again, it comes back within one graduation.',
    ],
    hold: [
      'Enter tilted, bridge first, never forced over the edge.',
      'Rock slowly through the turning point, twice.',
    ],
    read: ['The needle at the point where it turns back, with its sign.'],
    traps: [
      'A whole turn of the needle lost.',
      'Sign taken the wrong way round.',
      'Two contacts see no odd number of lobes.',
    ],
    after: [
      'Check it on the master again every half hour or twenty readings, and at the end.',
      ...HEAD_AFTER,
    ],
  },
  {
    code: 'three-contact-gauge',
    title: 'Three-contact bore gauge',
    kinds: ['three-contact-gauge'],
    figure: 'three-contact',
    turning: [{ plane: 'it centres itself', seek: 'none' }],
    rule: 'It finds its own centre; let it settle, then three clicks.',
    ready: ['Wipe the contacts; check it in its setting ring.'],
    hold: ['Loosely, so that it can centre itself; turn the ratchet slowly.'],
    read: ['Where it stands after three clicks, before it is closed.'],
    traps: ['It sees one circle, however oval the bore: plain out-of-round does not show.'],
    after: HEAD_AFTER,
  },
  {
    code: 'indicator',
    title: 'Indicator and V-blocks',
    kinds: ['indicator'],
    figure: 'v-block',
    turning: [
      { plane: 'contact set over the part’s crest', seek: 'largest' },
      { plane: 'the part turned once by hand', seek: 'none' },
    ],
    rule: 'Largest minus smallest over one whole turn is the runout; half of it is the bend.',
    ready: [
      'V-blocks, journals and contact wiped; the stand stiff and tight.',
      'Set over the crest: moved across, the needle turns back at the largest.',
    ],
    hold: ['Turn the part by hand, slowly, against a stop at its end. Never under power.'],
    read: ['Note both extremes in one turn; once more, to see the same.'],
    traps: [
      'A lever’s arm at an angle shows too much.',
      'An odd number of lobes on V-blocks: look in the table.',
    ],
    after: ['Contact up before the part is lifted out.'],
  },
  {
    code: 'feeler-leaves',
    title: 'Feeler leaves',
    kinds: ['feeler-leaves'],
    figure: 'feeler',
    turning: [{ plane: 'slid in flat', seek: 'none' }],
    rule: 'The thickest that goes with a light drag, and the next that does not.',
    ready: ['Leaves wiped; bent or burred ones put away.'],
    hold: [
      'Slide it in flat, never forced: a thin leaf folds.',
      'Few leaves together: each gap between them adds.',
    ],
    read: ['The sum of the leaves that went.'],
    traps: [
      'A worn gap has a hollow that the leaf bridges.',
      'More than four leaves together spring.',
    ],
    after: ['A film of oil between them.'],
  },
  {
    code: 'height-gauge',
    title: 'Height gauge on a plate',
    kinds: ['height-gauge'],
    figure: 'height',
    turning: [{ plane: 'over a crest', seek: 'largest' }],
    rule: 'Both faces from one plate; over a round crest the largest.',
    ready: ['Plate and foot wiped; the scriber down on the plate says zero.'],
    hold: ['Slide the foot, press nothing but the foot.'],
    read: ['Lift it to the eye: from above, the lines shift against each other.'],
    traps: ['A chip under the foot or the part.'],
    after: SLIDE_AFTER.slice(1),
  },
  {
    code: 'measuring-stage',
    title: 'Measuring stage',
    kinds: ['measuring-stage'],
    figure: 'stage',
    turning: [{ plane: 'edge brought to the line', seek: 'none' }],
    rule: 'Come to both edges from the same side: then the backlash drops out.',
    ready: ['Part flat and square to the travel.'],
    hold: ['Clamp lightly; a thin part bends.'],
    read: ['Read the first edge, move on, read the second; the difference is the size.'],
    traps: ['Come back past the line: start again from the side you came from.'],
    after: HEAD_AFTER,
  },
  {
    code: 'go-and-no-go',
    title: 'Plug, ring and snap, go and no-go',
    kinds: ['plug-gauge', 'ring-gauge', 'snap-gauge'],
    figure: 'pin',
    turning: [{ plane: 'straight on', seek: 'none' }],
    rule: 'The go end goes by its own weight; the no-go end does not go at all.',
    ready: [
      'Deburr the edge, wipe part and gauge, a film of thin oil on the go end.',
      'Gauge and part as warm as each other: a hand warms a plug by more than its tolerance.',
      'Look that its marks are those of this drawing: its two ends are its sizes.',
    ],
    hold: [
      'The go end straight, with no more than its own weight; turned a little, never driven.',
      'A plug and a ring through the whole length; a snap in several places and around.',
    ],
    read: [
      'The go end goes and the no-go end does not: the size lies between them.',
      'The go end does not go: metal is left; how much, it does not say.',
      'The no-go end goes: too much is gone.',
    ],
    traps: [
      'Forced, a go end goes into what is too small, and wears.',
      'A snap sees a size across; only a plug or a ring, that covers it all, proves the envelope.',
    ],
    after: ['Wipe, oil, each end back under its cap. Worn go ends are the first to go out.'],
  },
  {
    code: 'thread-gauge',
    title: 'Thread plug and thread ring',
    kinds: ['thread-plug', 'thread-ring'],
    figure: 'pin',
    turning: [{ plane: 'turned in by the fingers', seek: 'none' }],
    rule: 'The go end through the whole thread by fingers alone; the no-go end no farther than two turns.',
    ready: [
      'Clean the thread to its bottom: a chip stops a go end as a tight thread does.',
      'Look that its marks are those of the drawing: size, pitch, class, hand.',
    ],
    hold: ['Start it straight, turn it with thumb and two fingers, never with a wrench.'],
    read: [
      'Go through and no-go at most two turns: ok. Anything else is not ok, with which end in the note.',
    ],
    traps: [
      'A dirty or burred first turn: deburr, and try once more.',
      'Coated threads are tried as the drawing says, before or after coating.',
    ],
    after: ['Wipe, oil, back into its box; never left screwed in.'],
  },
  {
    code: 'pins',
    title: 'Pins',
    kinds: ['pins'],
    figure: 'pin',
    turning: [{ plane: 'straight in', seek: 'none' }],
    rule: 'The largest that goes and the smallest that does not hold the size between them.',
    ready: ['Hole deburred, pin and hole wiped.'],
    hold: ['Start it straight; it goes by its own weight or a light push, never by force.'],
    read: ['Both pins: the one that went, the one that did not.'],
    traps: ['A pin that goes half way is no pin that goes: the hole may be tapered.'],
    after: ['Oil: pins rust where fingers were.'],
  },
  {
    code: 'rule',
    title: 'Rule',
    kinds: ['rule'],
    figure: 'rule',
    turning: [{ plane: 'laid square', seek: 'smallest' }],
    rule: 'Square across the part: the smallest figure.',
    ready: ['A worn end is not used: begin at a line.'],
    hold: ['On its edge, so that the lines touch the part.'],
    read: ['Eye square above the line.'],
    traps: ['Begun at 1 and not taken off again.'],
    after: ['Wipe it, hang it up.'],
  },
];

/** The cards of a kind of gauge; all of them where it is not said. */
export const cardsOf = (kind: string | undefined): TechniqueCard[] =>
  kind === undefined
    ? CARDS
    : CARDS.filter(({ code, kinds }) => code === kind || kinds.includes(kind));
