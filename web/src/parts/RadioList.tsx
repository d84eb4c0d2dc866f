import { RadioGroup } from 'radix-ui';
import { useId, type ReactNode } from 'react';

/** One of a few, all of them seen: arrows move, the words beside a dot take it too. */
export function RadioList({
  label,
  value,
  onChange,
  options,
  className = '',
}: {
  /** For those who hear the screen. */
  label: string;
  value: string;
  onChange: (value: string) => void;
  options: readonly { value: string; text: ReactNode }[];
  className?: string;
}) {
  return (
    <RadioGroup.Root
      aria-label={label}
      value={value}
      onValueChange={onChange}
      className={`flex flex-col ${className}`}
    >
      {options.map((option) => (
        <Radio key={option.value} {...option} />
      ))}
    </RadioGroup.Root>
  );
}

function Radio({ value, text }: { value: string; text: ReactNode }) {
  const id = useId();
  return (
    <span className="flex items-center gap-2 border-b border-rule py-1.5">
      <RadioGroup.Item
        id={id}
        value={value}
        className="flex size-4 shrink-0 items-center justify-center rounded-full border border-soft bg-sheet data-[state=checked]:border-brass"
      >
        <RadioGroup.Indicator className="size-2 rounded-full bg-brass" />
      </RadioGroup.Item>
      <label htmlFor={id} className="flex min-w-0 flex-1 cursor-pointer gap-2">
        {text}
      </label>
    </span>
  );
}
