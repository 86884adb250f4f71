import type { LengthText } from '../api/client';

/** A deviation with its sign, also where it is larger; none has one. */
export const signed = ({ pm, text }: Pick<LengthText, 'pm' | 'text'>): string =>
  pm > 0 ? `+${text}` : pm === 0 ? '0' : text;
