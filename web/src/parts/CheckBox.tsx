import { Check } from 'lucide-react';
import { Checkbox } from 'radix-ui';
import { useId, type ReactNode } from 'react';

/** A box to tick with its words beside it, which tick it too. */
export function CheckBox({
  checked,
  onChange,
  disabled,
  className = '',
  name,
  children,
}: {
  checked: boolean;
  onChange: (checked: boolean) => void;
  disabled?: boolean;
  className?: string;
  name?: string;
  children: ReactNode;
}) {
  const id = useId();
  return (
    <span className={`flex items-center gap-2 ${className}`}>
      <Checkbox.Root
        id={id}
        name={name}
        checked={checked}
        disabled={disabled}
        onCheckedChange={(next) => onChange(next === true)}
        className="flex size-4 shrink-0 items-center justify-center rounded-[2px] border border-soft bg-sheet data-[state=checked]:border-brass data-[state=checked]:bg-brass data-[state=checked]:text-sheet disabled:opacity-50"
      >
        <Checkbox.Indicator>
          <Check size={12} strokeWidth={3} />
        </Checkbox.Indicator>
      </Checkbox.Root>
      <label htmlFor={id} className="flex min-w-0 flex-1 cursor-pointer items-baseline gap-2">
        {children}
      </label>
    </span>
  );
}
