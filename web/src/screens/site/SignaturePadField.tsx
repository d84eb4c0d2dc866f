import SignaturePad from 'signature_pad';
import { useEffect, useRef, useState } from 'react';
import { pathOf } from './signaturePath.js';

/** A signature drawn by finger, pen or mouse. */
export function SignaturePadField({
  onChange,
}: {
  /** Told the path after each stroke; empty once it is cleared. */
  onChange: (path: string) => void;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [pad, setPad] = useState<SignaturePad | undefined>();
  useEffect(() => {
    const element = canvas.current!;
    const ink = getComputedStyle(element).getPropertyValue('color');
    const made = new SignaturePad(element, { penColor: ink, minWidth: 0.8, maxWidth: 2.2 });
    const fit = () => {
      const ratio = Math.max(window.devicePixelRatio, 1);
      const strokes = made.toData();
      element.width = element.offsetWidth * ratio;
      element.height = element.offsetHeight * ratio;
      element.getContext('2d')!.scale(ratio, ratio);
      made.clear();
      made.fromData(strokes);
    };
    fit();
    const told = () => onChange(pathOf(made.toData()));
    made.addEventListener('endStroke', told);
    window.addEventListener('resize', fit);
    setPad(made);
    return () => {
      window.removeEventListener('resize', fit);
      made.off();
    };
    // The pad lives as long as its canvas; `onChange` is a state's setter.
  }, [onChange]);
  return (
    <div>
      <canvas
        ref={canvas}
        aria-label="Signature"
        className="h-32 w-full touch-none border-2 border-rule bg-sheet text-ink"
      />
      <button
        type="button"
        className="button bare"
        onClick={() => {
          pad?.clear();
          onChange('');
        }}
      >
        Clear the signature
      </button>
    </div>
  );
}
