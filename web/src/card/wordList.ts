import type { WordFigureName } from '../drawings/wordFigures';

/** What each word means on every page of the program: one meaning each. */
export interface Word {
  word: string;
  /** Other ways to say it, found too. */
  also?: string;
  means: string;
  figure?: WordFigureName;
  /** A mark that stands for it. */
  mark?: string;
  side?: string;
  /** Where it is met. */
  at?: string;
}

export const WORDS: readonly Word[] = [
  {
    word: 'axis',
    means:
      'A direction across a round in which it is measured. Two at right angles show whether it is round; three show more.',
    figure: 'axis',
  },
  {
    word: 'backlash',
    means:
      'How far a screw turns before what it drives follows. Read with the screw driven one way only.',
    figure: 'backlash',
  },
  { word: 'barrel', means: 'Thicker in the middle than at both ends.', figure: 'barrel' },
  {
    word: 'bell-mouth',
    means: 'A bore that widens at one end, while the rest is even.',
    figure: 'bell-mouth',
  },
  {
    word: 'blocks, wrung',
    also: 'gauge blocks',
    means:
      'Pieces of known size that stick face to face and add up: what other gauges are set and checked by.',
    figure: 'block',
    at: '/card/blocks',
  },
  {
    word: 'class',
    also: 'tolerance class, H7',
    means:
      'A letter, which says where the zone lies about the nominal size, and a grade, which says how wide it is. Capitals are holes.',
    figure: 'tolerance',
    at: '/card/fits',
  },
  {
    word: 'clearance',
    means: 'The hole is larger than the shaft: by how much.',
    figure: 'clearance',
    at: '/card/fits',
  },
  {
    word: 'cut',
    means:
      'What a tool takes off. Each cut opens a new round of measuring; the readings before it stay.',
    figure: 'cut',
  },
  {
    word: 'depth',
    means: 'From a face down to another; also how far down a bore a section lies.',
    figure: 'depth',
  },
  {
    word: 'deviation',
    means: 'How far a size lies from the nominal one, with its sign.',
    figure: 'deviation',
  },
  {
    word: 'doubt',
    also: 'in doubt',
    means:
      'Something says that a reading may be a slip: it is kept, and asked about, never thrown away by itself.',
    mark: 'in-doubt',
    at: '/doubts',
  },
  {
    word: 'gone',
    means:
      'Past the limit on the side where no more can be cut: the shaft is too small, the bore too large.',
    mark: 'gone',
    side: 'low',
  },
  {
    word: 'guard',
    also: 'guard band',
    means: 'A strip along a limit in which nothing can be told, because the gauge cannot tell it.',
    figure: 'guard',
  },
  { word: 'in', means: 'Between the limits, by the rule of the job.', mark: 'in' },
  {
    word: 'interference',
    also: 'press fit',
    means: 'The shaft is larger than the hole: by how much. It is pressed or shrunk together.',
    figure: 'interference',
    at: '/card/fits',
  },
  {
    word: 'leaves',
    also: 'feelers',
    means:
      'Thin strips of known thickness that find a gap: the thickest that goes, the thinnest that does not.',
    figure: 'leaves',
    at: '/card/feelers',
  },
  {
    word: 'lobes',
    means:
      'High places around a round. An odd number of them measures the same across everywhere: two contacts cannot see it.',
    figure: 'lobes',
    at: '/card/v-block',
  },
  {
    word: 'metal left',
    means:
      'Past the limit on the side where it can still be cut: the shaft is too large, the bore too small.',
    mark: 'metal-left',
    side: 'high',
  },
  {
    word: 'nominal',
    means: 'The size a drawing names; limits lie about it, sometimes both on one side.',
    figure: 'nominal',
  },
  { word: 'not measured', means: 'Nothing was read here yet.', mark: 'not-measured' },
  { word: 'out of round', means: 'Largest minus smallest across one section.', figure: 'round' },
  {
    word: 'parallax',
    means:
      'What a line seems to stand at when it is looked at from aside. Read with the eye straight above.',
    figure: 'parallax',
  },
  {
    word: 'pitch',
    means: 'From one crest of a thread to the next; how far a screw goes in one turn.',
    figure: 'thread',
    at: '/card/threads',
  },
  {
    word: 'place',
    means:
      'Where on a feature the gauge is put: a section across an axis. Each has a size of its own.',
    figure: 'section',
  },
  {
    word: 'repeats',
    means: 'The same place read again: they show slips, and the mean of several is better known.',
    figure: 'spread',
  },
  {
    word: 'runout',
    also: 'TIR',
    means:
      'What an indicator shows in one turn of the part, largest minus smallest: out of centre and out of round together.',
    figure: 'runout',
  },
  {
    word: 'section',
    means: 'A cut across a shaft or bore at one depth; several show taper, barrel and waist.',
    figure: 'section',
  },
  {
    word: 'service limit',
    means: 'How far a part may wear before it is replaced, by its maker’s data.',
    mark: 'beyond-service',
    side: 'low',
  },
  {
    word: 'slip',
    means:
      'A reading that is wrong by a known mistake: a line beside, a turn of the thimble, the other unit.',
    figure: 'slip',
    at: '/slips',
  },
  {
    word: 'spread',
    means:
      'Largest minus smallest of readings of one place. More than the gauge’s own tells that a hand slipped.',
    figure: 'spread',
  },
  {
    word: 'struck',
    means: 'Taken out of what counts, with a reason. It stays on the record.',
    figure: 'slip',
  },
  { word: 'taper', means: 'One end thicker than the other.', figure: 'taper' },
  {
    word: 'tenth',
    means: 'A tenth of a thou: 0.0001 in, two and a half micrometres.',
    at: '/card/inch',
  },
  {
    word: 'thimble',
    means: 'The part of a micrometer that is turned; its lines divide one turn.',
    figure: 'thimble',
    at: '/read',
  },
  {
    word: 'thou',
    means: 'A thousandth of an inch: 0.001 in, about a fortieth of a millimetre.',
    at: '/card/inch',
  },
  { word: 'tolerance', also: 'zone', means: 'How far apart the limits are.', figure: 'tolerance' },
  {
    word: 'too close',
    means:
      'So near a limit that the gauge cannot tell on which side: read it better, or let a person decide.',
    mark: 'too-close',
    side: 'high',
  },
  {
    word: 'transition',
    means: 'A fit that may come out free or tight, as the two parts are.',
    figure: 'interference',
    at: '/card/fits',
  },
  {
    word: 'turning point',
    means:
      'Where a gauge that is rocked shows its smallest or largest and goes back: there it stands square, and the size is read.',
    figure: 'turning-point',
    at: '/technique',
  },
  {
    word: 'U',
    also: 'uncertainty',
    means:
      'How far the true size may lie from the one found, to either side; nineteen times of twenty it does not lie farther.',
    figure: 'uncertainty',
  },
  {
    word: 'vernier',
    means:
      'A second scale a little shorter than the first: where two lines meet it says the last figure.',
    figure: 'vernier',
    at: '/read',
  },
  { word: 'waist', means: 'Thinner in the middle than at both ends.', figure: 'waist' },
  {
    word: 'wear',
    means:
      'What use took away: against an unworn place of the same part, an earlier record, or the limits of a new one.',
    figure: 'wear',
  },
  {
    word: 'zero',
    means:
      'What a gauge shows when nothing is in it, or on its standard. It is looked at before and after.',
    figure: 'zero',
  },
];
