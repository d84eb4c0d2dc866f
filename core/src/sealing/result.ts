import type { StageInput } from '../stageContract/index.js';
import type { Bottom, SealMaterial, Meeting } from './decisions.js';
import type { SoundSum } from './sound.js';
import type { Perimeter } from './values.js';

/** What later stages and drawings read of the sealing. Ticks. */
export interface Sealing {
  readonly perimeter: Perimeter;
  readonly perimeterLength: number | undefined;
  readonly strip:
    { readonly width: number; readonly thickness: number; readonly count: number } | undefined;
  readonly bottom: Bottom;
  /** The face that a surface drop seal is fixed to: where rods run down the push face, the other. */
  readonly face: 'pull' | 'push';
  readonly material: SealMaterial | undefined;
  /** Of each leaf: what its bottom seal is cut to. */
  readonly bottomLengths: readonly { readonly quantity: number; readonly length: number }[];
  readonly threshold: { readonly width: number; readonly height: number } | undefined;
  readonly meeting: Meeting;
  readonly sound: SoundSum | undefined;
}
/** What the stage is handed. */
export type SealingInput = StageInput<
  'opening' | 'sizing' | 'hanging' | 'securing' | 'closing' | 'protecting'
>;
