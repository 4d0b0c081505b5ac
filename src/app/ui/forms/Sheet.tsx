import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import type { ReactElement, ReactNode } from 'react';
import { BackCloses } from '../page/BackCloses';
import { formatsWords } from '../../words/english/formats';

/** The alarm of a pail that runs over is no part of the page beneath: to press it closes nothing. */
function keepOpenForAlarm(event: CustomEvent<{ originalEvent: Event }>): void {
  const { target } = event.detail.originalEvent;
  if (target instanceof Element && target.closest('.alarms')) event.preventDefault();
}

interface SheetProps {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  title: string;
  description: string;
  children: ReactNode;
}

/** Typing can start at once; the close button would swallow it. */
function focusFirstField(event: Event): void {
  const sheet = event.currentTarget;
  const field = sheet instanceof Element ? sheet.querySelector<HTMLElement>('form input') : null;
  if (!field) return;
  event.preventDefault();
  field.focus();
}

/** A sheet laid over the page: from the side on a desk, over everything on a phone. */
export function Sheet({
  open,
  onOpenChange,
  title,
  description,
  children,
}: SheetProps): ReactElement {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-veil" />
        <Dialog.Content
          onOpenAutoFocus={focusFirstField}
          onInteractOutside={keepOpenForAlarm}
          className="sheet fixed inset-y-0 right-0 z-30 w-full max-w-xl overflow-y-auto border-l-4 border-lavender bg-linen p-5 sm:p-8"
        >
          <BackCloses onBack={() => onOpenChange(false)} />
          <div className="flex items-start justify-between gap-4">
            <Dialog.Title className="text-3xl font-bold">{title}</Dialog.Title>
            <Dialog.Close
              aria-label={formatsWords.close()}
              className="flex size-11 shrink-0 items-center justify-center hover:bg-lavender-pale"
            >
              <X aria-hidden className="size-6" />
            </Dialog.Close>
          </div>
          <Dialog.Description className="mt-1 mb-5 text-base text-ink-soft">
            {description}
          </Dialog.Description>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
