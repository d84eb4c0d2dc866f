import { ToggleGroup } from 'radix-ui';

/** A few small buttons of which one is on, beside what they change. */
export function Toggles<Value extends string>({
  label,
  values,
  value,
  onChange,
  className = '',
}: {
  label: string;
  values: readonly Value[];
  value: Value;
  onChange: (value: Value) => void;
  className?: string;
}) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      className={`flex gap-1 ${className}`}
      value={value}
      onValueChange={(next) => next && onChange(next as Value)}
    >
      {values.map((one) => (
        <ToggleGroup.Item
          key={one}
          value={one}
          className="button !h-6 !px-2 text-xs data-[state=on]:!border-brass data-[state=on]:font-semibold"
        >
          {one}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
