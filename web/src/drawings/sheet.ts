import type { ScaleSum, Standing } from './scaleSum';

export interface FaceProps {
  sum: ScaleSum;
  at: Standing;
  /** Absent where it is only looked at. */
  onTurn?: ((step: number) => void) | undefined;
  /** The part of the sum that is pointed at: its line is shown as the one that counts now. */
  lit?: string | undefined;
  /** For a narrow screen: the view stands nearer. */
  narrow: boolean;
}

/** Every face is drawn on a sheet of this height, and of one of two widths. */
export const SHEET_HEIGHT = 284;

export const sheetWidth = (narrow: boolean): number => (narrow ? 520 : 860);
