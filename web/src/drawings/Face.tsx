import { BoreDial } from './BoreDial';
import { DialSlide } from './DialSlide';
import { Display } from './Display';
import { Leaves } from './Leaves';
import { RuleFace } from './RuleFace';
import type { FaceProps } from './sheet';
import { Thimble } from './Thimble';
import { VernierSlide } from './VernierSlide';

const FACES: Record<string, (props: FaceProps) => React.JSX.Element> = {
  vernier: VernierSlide,
  dial: DialSlide,
  thimble: Thimble,
  comparator: BoreDial,
  digits: Display,
  rule: RuleFace,
  feeler: Leaves,
};

/** The face of a scale as it looks where it stands; one drawing for each family. */
export function Face(props: FaceProps) {
  const { scale } = props.sum;
  const Drawing = FACES[scale.family];
  if (Drawing === undefined) {
    throw new Error(`No drawing for a scale of the family ${scale.family}`);
  }
  return <Drawing {...props} />;
}
