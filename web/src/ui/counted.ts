/**
 * A count with what is counted.
 *
 * @example counted(1, 'reading') // '1 reading'
 * @example counted(3, 'reading') // '3 readings'
 */
export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${count === 1 ? one : many}`;
