import { type PointerEvent, useEffect, useRef } from 'react';
import { onScale, type ScaleSum } from './scaleSum';

/** How a drawing is taken hold of. */
export interface Grip {
  /** Along which the hand moves. */
  axis: 'x' | 'y';
  /** In the drawing's own units; negative where what is grasped moves back as the scale goes up. */
  unitsPerStep: number;
  /** The drawing's width or height, along the axis. */
  extent: number;
  /** Steps that a notch of the wheel turns; with Shift the finest step. */
  notch: number;
}

/** Turning by drag and by wheel: what is grasped follows the hand, as on the real one. */
export function useTurning(
  sum: ScaleSum,
  step: number,
  onTurn: ((step: number) => void) | undefined,
  grip: Grip,
) {
  const drawing = useRef<SVGSVGElement>(null);
  const held = useRef<{ at: number; step: number } | undefined>(undefined);
  const latest = useRef({ sum, step, onTurn, notch: grip.notch });
  useEffect(() => {
    latest.current = { sum, step, onTurn, notch: grip.notch };
  });

  const turns = onTurn !== undefined;
  useEffect(() => {
    const turned = drawing.current;
    // React's wheel listeners are passive, and the page must not scroll under the hand that turns.
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const now = latest.current;
      const by = event.shiftKey ? 1 : now.notch;
      const to = onScale(now.sum, now.step - Math.sign(event.deltaY || event.deltaX) * by);
      latest.current = { ...now, step: to };
      now.onTurn?.(to);
    };
    if (turns) {
      turned?.addEventListener('wheel', wheel, { passive: false });
    }
    return () => turned?.removeEventListener('wheel', wheel);
  }, [turns]);

  const along = ({ clientX, clientY }: PointerEvent) => (grip.axis === 'x' ? clientX : clientY);
  const hand = {
    onPointerDown: (event: PointerEvent<SVGSVGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      held.current = { at: along(event), step };
    },
    onPointerMove: (event: PointerEvent<SVGSVGElement>) => {
      if (held.current !== undefined) {
        const box = event.currentTarget.getBoundingClientRect();
        const perPixel = grip.extent / (grip.axis === 'x' ? box.width : box.height);
        const moved = (along(event) - held.current.at) * perPixel;
        // A drag comes to rest on a line; with Shift between two, where the eye may judge a tenth.
        const rest = event.shiftKey ? 1 : sum.leastCountPm / sum.stepPm;
        const to = held.current.step + moved / grip.unitsPerStep;
        onTurn?.(onScale(sum, Math.round(to / rest) * rest));
      }
    },
    onPointerUp: () => {
      held.current = undefined;
    },
    onPointerCancel: () => {
      held.current = undefined;
    },
  };
  const look = `block w-full select-none ${turns ? `touch-none ${grip.axis === 'x' ? 'cursor-ew-resize' : 'cursor-ns-resize'}` : ''}`;
  return { ref: drawing, className: look, ...(turns ? hand : {}) };
}
