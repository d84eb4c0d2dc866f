import { Check, ChevronDown } from 'lucide-react';
import { Select as Primitive } from 'radix-ui';
import type { ReactNode } from 'react';

export interface Option {
  value: string;
  text: ReactNode;
  /** Options of one group stand under its name. */
  group?: string;
}

/** Radix has no empty value: what stands for nothing chosen. */
const NOTHING = ' ';

/**
 * One of several, picked from a list that opens: letters find an option, arrows move, Enter takes,
 * Escape leaves it as it was. In tables of many lines a native list is faster.
 */
export function Select({
  id,
  label,
  value,
  options,
  onChange,
  disabled = false,
  invalid = false,
  className = '',
}: {
  id?: string;
  /** For those who hear the screen, where no label stands beside it. */
  label?: string;
  value: string;
  options: readonly Option[];
  onChange: (value: string) => void;
  disabled?: boolean;
  invalid?: boolean;
  className?: string;
}) {
  return (
    <Primitive.Root
      value={value === '' ? NOTHING : value}
      disabled={disabled}
      onValueChange={(next) => onChange(next === NOTHING ? '' : next)}
    >
      <Primitive.Trigger
        {...(id ? { id } : {})}
        {...(label ? { 'aria-label': label } : {})}
        aria-invalid={invalid || undefined}
        data-select
        className={`field flex items-center justify-between gap-1 text-left ${className}`}
      >
        <span className="min-w-0 truncate">
          <Primitive.Value />
        </span>
        <Primitive.Icon className="text-soft">
          <ChevronDown size={14} />
        </Primitive.Icon>
      </Primitive.Trigger>
      <Primitive.Portal>
        <Primitive.Content
          position="popper"
          sideOffset={2}
          className="sheet z-50 max-h-[min(24rem,var(--radix-select-content-available-height))] min-w-[var(--radix-select-trigger-width)] overflow-hidden shadow-lg"
        >
          <Primitive.Viewport className="p-1">
            {grouped(options).map(([group, list]) => (
              <Primitive.Group key={group}>
                {group && <Primitive.Label className="caps px-2 pt-1.5">{group}</Primitive.Label>}
                {list.map((option) => (
                  <Item key={option.value} {...option} />
                ))}
              </Primitive.Group>
            ))}
          </Primitive.Viewport>
        </Primitive.Content>
      </Primitive.Portal>
    </Primitive.Root>
  );
}

function grouped(options: readonly Option[]): [string, Option[]][] {
  const groups = new Map<string, Option[]>();
  for (const option of options) {
    const group = option.group ?? '';
    groups.set(group, [...(groups.get(group) ?? []), option]);
  }
  return [...groups];
}

function Item({ value, text }: Option) {
  return (
    <Primitive.Item
      value={value === '' ? NOTHING : value}
      className="flex cursor-pointer items-center gap-2 px-2 py-1 outline-none data-[highlighted]:bg-brass-wash data-[state=checked]:font-semibold"
    >
      <span className="w-4">
        <Primitive.ItemIndicator>
          <Check size={14} />
        </Primitive.ItemIndicator>
      </span>
      <Primitive.ItemText>{text}</Primitive.ItemText>
    </Primitive.Item>
  );
}
