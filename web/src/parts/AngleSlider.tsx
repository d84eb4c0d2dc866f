import { Slider } from './Slider.js';

/** How far a leaf is opened, 0 to 180 degrees, with its figure. */
export function AngleSlider({
  degrees,
  onChange,
}: {
  degrees: number;
  onChange: (degrees: number) => void;
}) {
  return (
    <div className="flex items-center gap-2 px-3">
      <span className="w-10 text-right font-semibold">{degrees}°</span>
      <Slider label="Opened by, degrees" min={0} max={180} value={degrees} onChange={onChange} />
    </div>
  );
}
