import { useEffect, useRef } from 'react';

const GLIDE_MS = 700;

/**
 * Turns a scale from where it stands to another setting, slowing down as a hand does. At once where less motion is wanted.
 * A hand that takes hold meanwhile stops it.
 */
export function useGlide(turn: (step: number) => void) {
  const frame = useRef(0);
  const stop = () => cancelAnimationFrame(frame.current);
  useEffect(() => () => cancelAnimationFrame(frame.current), []);
  const glide = (from: number, to: number) => {
    stop();
    if (globalThis.matchMedia('(prefers-reduced-motion: reduce)').matches) {
      turn(to);
      return;
    }
    const began = performance.now();
    const next = (now: number) => {
      const done = Math.min(1, (now - began) / GLIDE_MS);
      turn(Math.round(from + (to - from) * (1 - (1 - done) ** 3)));
      if (done < 1) {
        frame.current = requestAnimationFrame(next);
      }
    };
    frame.current = requestAnimationFrame(next);
  };
  return { glide, stop };
}
