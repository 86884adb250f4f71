import type { Drawer, TypedGauge } from '../api/client';

/** A gauge, or the first of a set of frames, as it is being typed. */
export interface Sketch extends TypedGauge {
  /** How many frames, each beginning where the one before ends. */
  frames: string;
}

export const FIRST = 'outside-micrometer';

/** To where such a gauge usually goes, by its unit. */
const USUAL: Record<string, { mm: string; in: string }> = {
  'outside-micrometer': { mm: '25', in: '1' },
  'depth-micrometer': { mm: '150', in: '6' },
  'telescoping-gauge': { mm: '150', in: '6' },
  'small-hole-gauge': { mm: '13', in: '0.5' },
  'feeler-leaves': { mm: '5', in: '0.2' },
  'three-contact-gauge': { mm: '25', in: '1' },
  'dial-bore-gauge': { mm: '160', in: '6' },
  'digital-bore-gauge': { mm: '160', in: '6' },
  'inside-micrometer': { mm: '200', in: '8' },
  indicator: { mm: '10', in: '0.5' },
};

const FROM: Record<string, { mm: string; in: string }> = {
  'telescoping-gauge': { mm: '8', in: '0.3125' },
  'small-hole-gauge': { mm: '3', in: '0.125' },
  'three-contact-gauge': { mm: '20', in: '0.8' },
  'dial-bore-gauge': { mm: '50', in: '2' },
  'digital-bore-gauge': { mm: '50', in: '2' },
  'inside-micrometer': { mm: '50', in: '2' },
};

/** A kind with what is usual for it. */
export function sketchOf(drawer: Drawer, code: string, scale?: string): Sketch {
  const kind = drawer.kinds.find((each) => each.code === code);
  const picked = kind?.scales.find(({ id }) => id === scale) ?? kind?.scales[0];
  const unit = picked?.unit === 'in' ? 'in' : 'mm';
  return {
    shopNumber: '',
    name: '',
    kind: code,
    scale: picked?.id ?? '',
    unit,
    base: '',
    rods: '',
    rangeLow: FROM[code]?.[unit] ?? '0',
    rangeHigh: USUAL[code]?.[unit] ?? (unit === 'in' ? '6' : '150'),
    step: '',
    spread: '',
    error: '',
    reach: '',
    allowedSteps: '',
    switchable: false,
    readers: [],
    frames: '1',
  };
}

/** The gauges that a sketch stands for. */
export function asTyped({ frames, ...first }: Sketch, kindName: string): TypedGauge[] {
  const low = Number(first.rangeLow.replace(',', '.'));
  const high = Number(first.rangeHigh.replace(',', '.'));
  const count = Number(frames);
  const named = (gauge: TypedGauge): TypedGauge => ({
    ...gauge,
    name: `${kindName.charAt(0).toUpperCase()}${kindName.slice(1)}, ${gauge.rangeLow || '0'} to ${gauge.rangeHigh} ${gauge.unit}`,
  });
  if (count === 1 || !Number.isFinite(low) || !(high > low)) {
    return [named(first)];
  }
  return Array.from({ length: count }, (_, nth) =>
    named({
      ...first,
      shopNumber: countedOn(first.shopNumber, nth),
      rangeLow: figure(low + nth * (high - low)),
      rangeHigh: figure(low + (nth + 1) * (high - low)),
    }),
  );
}

/** Without what binary sums leave behind. */
const figure = (sum: number): string => String(Number(sum.toFixed(6)));

/** M1, M2, M3: a number at the end counts on; else one is put there. */
export function countedOn(number: string, by: number): string {
  const [, stem = '', counted] = /^(.*?)(\d*)$/.exec(number.trim()) ?? [];
  return counted ? `${stem}${Number(counted) + by}` : `${stem}${by + 1}`;
}
