import { ChevronRight } from 'lucide-react';
import { Collapsible } from 'radix-ui';
import { useState, type ReactNode } from 'react';

/** Something folded away under its name until it is wanted; what is in it is not made before. */
export function Fold({
  name,
  note,
  open: given = false,
  onOpen,
  children,
}: {
  name: ReactNode;
  note?: ReactNode;
  open?: boolean;
  onOpen?: () => void;
  children: ReactNode;
}) {
  const [open, setOpen] = useState(given);
  return (
    <Collapsible.Root
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        if (next) onOpen?.();
      }}
      className="border-t border-rule"
    >
      <Collapsible.Trigger className="flex w-full items-center gap-1.5 py-1.5 text-left hover:text-brass">
        <ChevronRight size={14} className={`text-soft ${open ? 'rotate-90' : ''}`} />
        <span className="font-semibold">{name}</span>
        {note !== undefined && <span className="text-soft">{note}</span>}
      </Collapsible.Trigger>
      <Collapsible.Content className="pb-3 pl-5">{children}</Collapsible.Content>
    </Collapsible.Root>
  );
}
