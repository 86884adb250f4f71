import type { LengthText, Limits } from '../api/client';

/** A feature as the simple section of its part shows it: of a plan, or of a part being measured. */
export interface DrawnFeature {
  /** Tells it from the others. */
  key: string;
  kind: string;
  limits?: Limits | undefined;
  /** From the part's left end, or its upper one. */
  starts?: LengthText | undefined;
  length?: LengthText | undefined;
  /** Where the gauge is put down its length, each once, from its start, in picometres. */
  depths: readonly number[];
  bands?: readonly { from: LengthText; to: LengthText }[] | undefined;
}

/** Where a feature lies along the part and how large it is across, in picometres. */
export interface Laid {
  feature: DrawnFeature;
  /** Its number on the list, from 1. */
  number: number;
  from: number;
  to: number;
  size: number;
}

/** For drawing: the middle of what is allowed. */
const sizeOf = ({ limits }: DrawnFeature): number | undefined =>
  (limits?.middle ?? limits?.high ?? limits?.low)?.pm;

/** Features that lie one behind the other along the part's axis. */
const ALONG = ['outside', 'inside', 'bore'];

/**
 * Lays features along the part. One that says where it lies lies there; another of the same kind lies behind those before it, as
 * long as such features are on the average. A depth, a step or a slot without a place of its own begins at the part's end.
 */
export function layAlong(features: readonly DrawnFeature[]): Laid[] {
  const sizes = features.flatMap((feature) =>
    ALONG.includes(feature.kind) ? (sizeOf(feature) ?? []) : [],
  );
  const lengths = features.flatMap(({ kind, length }) =>
    ALONG.includes(kind) && length ? length.pm : [],
  );
  const usual = mean(lengths) ?? mean(sizes) ?? 1e10;
  const across = mean(sizes) ?? usual;
  const ends = new Map<string, number>();
  return features.map((feature, i) => {
    const size = sizeOf(feature) ?? across;
    const own = feature.kind === 'step' || feature.kind === 'depth' ? size : usual / 8;
    const length = feature.length?.pm ?? (ALONG.includes(feature.kind) ? usual : own);
    const from =
      feature.starts?.pm ?? (ALONG.includes(feature.kind) ? (ends.get(feature.kind) ?? 0) : 0);
    ends.set(feature.kind, Math.max(ends.get(feature.kind) ?? 0, from + length));
    return { feature, number: i + 1, from, to: from + length, size };
  });
}

function mean(all: number[]): number | undefined {
  return all.length === 0 ? undefined : all.reduce((sum, one) => sum + one, 0) / all.length;
}

/** How long the part is: to the end of what reaches farthest. */
export const endOf = (laid: readonly Laid[], kinds: readonly string[] = ALONG): number =>
  Math.max(0, ...laid.filter(({ feature }) => kinds.includes(feature.kind)).map(({ to }) => to)) ||
  Math.max(1, ...laid.map(({ to }) => to));

/** How thick it is at a place along it. */
export const thicknessAt = (laid: readonly Laid[], at: number): number =>
  Math.max(
    0,
    ...laid
      .filter(({ feature, from, to }) => feature.kind === 'outside' && from <= at && at <= to)
      .map(({ size }) => size),
  );
