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

/** A hold of the drawing. @param step where it stands, between lines too */
interface Held {
  by: number;
  at: number;
  when: number;
  step: number;
}

/** Two fingers turn so many times as far as one. */
const TWO_FINGERS = 10;
/** From this speed on, in pixels a millisecond, a finger turns farther than it goes … */
const SLOW = 0.4;
/** … by so much more for each pixel a millisecond, and so far at the most. */
const MORE = 12;
const MOST = 30;

/**
 * How many times as far the scale turns as a finger goes: slowly what is grasped follows it, a flick or two fingers go far. A mouse has a
 * wheel for that.
 */
export const gainOf = (pixelsPerMs: number, fingers: number): number =>
  Math.max(
    fingers > 1 ? TWO_FINGERS : 1,
    Math.min(MOST, 1 + MORE * Math.max(0, Math.abs(pixelsPerMs) - SLOW)),
  );

/** Turning by drag and by wheel: what is grasped follows the hand, as on the real one. */
export function useTurning(
  sum: ScaleSum,
  step: number,
  onTurn: ((step: number) => void) | undefined,
  grip: Grip,
) {
  const drawing = useRef<SVGSVGElement>(null);
  const held = useRef<Held | undefined>(undefined);
  const fingers = useRef(new Set<number>());
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
  const letGo = ({ pointerId }: PointerEvent) => {
    fingers.current.delete(pointerId);
    if (held.current?.by === pointerId) {
      held.current = undefined;
    }
  };
  const hand = {
    onPointerDown: (event: PointerEvent<SVGSVGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      fingers.current.add(event.pointerId);
      held.current ??= { by: event.pointerId, at: along(event), when: event.timeStamp, step };
    },
    onPointerMove: (event: PointerEvent<SVGSVGElement>) => {
      const hold = held.current;
      if (hold?.by === event.pointerId) {
        const box = event.currentTarget.getBoundingClientRect();
        const perPixel = grip.extent / (grip.axis === 'x' ? box.width : box.height);
        const pixels = along(event) - hold.at;
        const gain =
          event.pointerType === 'touch'
            ? gainOf(pixels / Math.max(1, event.timeStamp - hold.when), fingers.current.size)
            : 1;
        hold.step += (gain * pixels * perPixel) / grip.unitsPerStep;
        hold.at = along(event);
        hold.when = event.timeStamp;
        // A drag comes to rest on a line; with Shift between two, where the eye may judge a tenth.
        const rest = event.shiftKey ? 1 : sum.leastCountPm / sum.stepPm;
        onTurn?.(onScale(sum, Math.round(hold.step / rest) * rest));
      }
    },
    onPointerUp: letGo,
    onPointerCancel: letGo,
  };
  const look = `block w-full select-none ${turns ? `touch-none ${grip.axis === 'x' ? 'cursor-ew-resize' : 'cursor-ns-resize'}` : ''}`;
  return { ref: drawing, className: look, ...(turns ? hand : {}) };
}
