import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

interface DialogProps {
  title: string;
  words: string;
  open: boolean;
  onClose: () => void;
  children: ReactNode;
}

/** A question beside the work. Not modal: what is being measured stays in sight, and a touch beside it puts it away. */
export function Dialog({ title, words, open, onClose, children }: DialogProps) {
  return (
    <Radix.Root open={open} modal={false} onOpenChange={(is) => !is && onClose()}>
      <Radix.Portal>
        <Radix.Content className="fixed inset-x-0 bottom-0 z-10 mx-auto max-h-dvh w-full max-w-3xl overflow-y-auto border-2 border-ink bg-panel p-6 tablet:bottom-auto tablet:top-16 tablet:max-h-[calc(100dvh-5rem)]">
          <Radix.Title className="text-title">{title}</Radix.Title>
          <Radix.Description className="mt-2 text-quiet">{words}</Radix.Description>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
