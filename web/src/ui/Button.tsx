import type { ComponentProps, MouseEvent } from 'react';

interface ButtonProps extends ComponentProps<'button'> {
  /** Now: the one thing to do next. Plain: any other. */
  look?: 'now' | 'plain';
  /** For the desk, where a plan is written: not for an oily finger. */
  small?: boolean;
}

const LOOKS = {
  now: 'bg-now text-on-now border-now font-semibold',
  plain: 'bg-panel text-ink border-line font-medium enabled:hover:border-quiet',
};

const SECOND_TOUCH_MS = 400;
let lastTouch = -Infinity;

/**
 * A button for an oily finger: 64 px high, and deaf to a second touch that comes too soon to be meant.
 */
export function Button({
  look = 'plain',
  small = false,
  className = '',
  onClick,
  ...rest
}: ButtonProps) {
  const press = (event: MouseEvent<HTMLButtonElement>) => {
    if (isTouch(event)) {
      const soon = event.timeStamp - lastTouch < SECOND_TOUCH_MS;
      lastTouch = event.timeStamp;
      if (soon) {
        event.preventDefault();
        return;
      }
    }
    onClick?.(event);
  };
  return (
    <button
      type="button"
      className={`${small ? 'min-h-11 px-3 text-label' : 'min-h-touch px-5'} rounded-edge border-2 text-left disabled:opacity-55 ${LOOKS[look]} ${className}`}
      onClick={press}
      {...rest}
    />
  );
}

function isTouch(event: MouseEvent): boolean {
  const native = event.nativeEvent;
  return native instanceof PointerEvent && native.pointerType === 'touch';
}
