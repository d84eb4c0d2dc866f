import { Slider as Primitive } from 'radix-ui';

/** A figure pulled along its range; arrows step, Home and End go to the ends. */
export function Slider({
  label,
  value,
  min,
  max,
  step = 1,
  onChange,
}: {
  label: string;
  value: number;
  min: number;
  max: number;
  step?: number;
  onChange: (value: number) => void;
}) {
  return (
    <Primitive.Root
      className="relative flex h-5 w-full touch-none items-center select-none"
      value={[value]}
      min={min}
      max={max}
      step={step}
      onValueChange={([next]) => onChange(next!)}
    >
      <Primitive.Track className="relative h-1 flex-1 bg-rule">
        <Primitive.Range className="absolute h-full bg-brass" />
      </Primitive.Track>
      <Primitive.Thumb
        aria-label={label}
        className="block size-4 rounded-full border-2 border-brass bg-sheet hover:bg-brass-wash"
      />
    </Primitive.Root>
  );
}
