import { type PointerEvent, type RefObject, useEffect, useRef } from 'react';
import { onScale, stepsALine, type ThimbleScale } from './scaleSum';
import type { Face } from './thimbleLines';

/**
 * Turning by drag and by wheel: the near side follows the hand, as on the real one.
 *
 * @param height of the drawing in its own units, as the face is measured
 */
export function useTurning(
  drawing: RefObject<SVGSVGElement | null>,
  scale: ThimbleScale,
  step: number,
  onTurn: (step: number) => void,
  face: Face,
  height: number,
) {
  const grip = useRef<{ y: number; step: number } | undefined>(undefined);
  const latest = useRef({ scale, step, onTurn });
  useEffect(() => {
    latest.current = { scale, step, onTurn };
  });

  useEffect(() => {
    const turned = drawing.current;
    // React's wheel listeners are passive, and the page must not scroll under the hand that turns.
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const now = latest.current;
      const by = event.shiftKey ? 1 : stepsALine(now.scale);
      const to = onScale(now.scale, now.step - Math.sign(event.deltaY || event.deltaX) * by);
      latest.current = { ...now, step: to };
      now.onTurn(to);
    };
    turned?.addEventListener('wheel', wheel, { passive: false });
    return () => turned?.removeEventListener('wheel', wheel);
  }, [drawing]);

  const anglePerStep = (2 * Math.PI) / ((scale.thimble.last + 1) * stepsALine(scale));
  return {
    grasp: (event: PointerEvent<SVGSVGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      grip.current = { y: event.clientY, step };
    },
    turn: (event: PointerEvent<SVGSVGElement>) => {
      if (grip.current !== undefined) {
        const perPixel = height / event.currentTarget.getBoundingClientRect().height;
        const moved = (event.clientY - grip.current.y) * perPixel;
        onTurn(onScale(scale, grip.current.step + moved / (face.sleeveRadius * anglePerStep)));
      }
    },
    letGo: () => {
      grip.current = undefined;
    },
  };
}
