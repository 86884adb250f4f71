import { Dialog as Radix } from 'radix-ui';
import { type ReactNode, useRef } from 'react';
import type { Shortcuts } from '../keys/useKeys';

interface DialogProps {
  title: string;
  words: string;
  open: boolean;
  onClose: () => void;
  /** The card itself has the keys at first, and no button of it: an Enter that a gauge sends presses nothing. */
  holdsFocus?: boolean;
  /** What a letter does while the card is open and nothing is typed in it. */
  keys?: Shortcuts;
  children: ReactNode;
}

/** A question beside the work. Not modal: what is being measured stays in sight, and a touch beside it puts it away. */
export function Dialog({
  title,
  words,
  open,
  onClose,
  holdsFocus = false,
  keys = {},
  children,
}: DialogProps) {
  const content = useRef<HTMLDivElement>(null);
  return (
    <Radix.Root open={open} modal={false} onOpenChange={(is) => !is && onClose()}>
      <Radix.Portal>
        <Radix.Content
          onOpenAutoFocus={(event) => {
            if (holdsFocus) {
              event.preventDefault();
              content.current?.focus();
            }
          }}
          onKeyDown={(event) => {
            const act = keys[event.key];
            if (act !== undefined && !(event.target instanceof HTMLInputElement)) {
              event.preventDefault();
              act();
            }
          }}
          ref={content}
          className="fixed inset-x-0 bottom-0 z-10 mx-auto max-h-dvh w-full max-w-3xl overflow-y-auto border-2 border-ink bg-panel p-6 tablet:bottom-auto tablet:top-16 tablet:max-h-[calc(100dvh-5rem)]"
        >
          <Radix.Title className="text-title">{title}</Radix.Title>
          <Radix.Description className="mt-2 text-quiet">{words}</Radix.Description>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
