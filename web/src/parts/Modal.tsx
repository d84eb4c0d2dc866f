import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

/** A sheet laid over the page: title, what it is for, contents, actions. */
export function Modal({
  open,
  onClose,
  title,
  description,
  children,
  wide = false,
  sticky = false,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  description?: string;
  children: ReactNode;
  wide?: boolean;
  /** Ends by its own buttons only: nothing is decided by a stray click or key. */
  sticky?: boolean;
}) {
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && !sticky && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className={`sheet fixed left-1/2 top-[9vh] z-50 max-h-[82vh] w-[92vw] -translate-x-1/2 overflow-auto p-5 shadow-xl ${wide ? 'max-w-4xl' : 'max-w-xl'}`}
        >
          <div className="mb-3 flex items-start justify-between gap-4">
            <div>
              <Dialog.Title className="text-lg leading-6">{title}</Dialog.Title>
              {description && (
                <Dialog.Description className="mt-0.5 text-soft">{description}</Dialog.Description>
              )}
            </div>
            {!sticky && (
              <Dialog.Close className="button bare !px-1.5" aria-label="Close">
                <X size={16} />
              </Dialog.Close>
            )}
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
