import type { ScaleSum, Standing } from './scaleSum';

/** A coarse line that is pointed at, by its count, and what it is. */
export interface Mark {
  count: number;
  words: string;
  /** Another line that was taken for it: it bears a mark of its own. */
  taken?: { count: number; words: string } | undefined;
}

export interface FaceProps {
  sum: ScaleSum;
  at: Standing;
  /** Absent where it is only looked at. */
  onTurn?: ((step: number) => void) | undefined;
  /** The part of the sum that is pointed at: its line is shown as the one that counts now. */
  lit?: string | undefined;
  /** Of the coarse part the line that counts now, where it is not the last one passed: the one that bears the figure. */
  mark?: Mark | undefined;
  /** For a narrow screen: the view stands nearer. */
  narrow: boolean;
}

/** Every face is drawn on a sheet of this height, and of one of two widths. */
export const SHEET_HEIGHT = 284;

export const sheetWidth = (narrow: boolean): number => (narrow ? 520 : 860);
