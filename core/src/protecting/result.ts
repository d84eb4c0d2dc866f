import type { LeafId } from '../model/index.js';
import type { StageInput } from '../stageContract/index.js';
import type { Plates } from '../practice/index.js';

/** A plate, and where it sits. */
export interface PlateSize {
  readonly width: number;
  readonly height: number;
  /** From the hinge edge to where it begins. */
  readonly from: number;
}

/** What later stages and drawings read of the protecting. */
export interface Protecting {
  readonly plates: Plates;
  /** Of each leaf that is kicked: the plate on its push face, the mop plate on the other. */
  readonly sizes: readonly {
    readonly leaf: LeafId;
    readonly quantity: number;
    readonly plate: PlateSize | undefined;
    readonly mop: PlateSize | undefined;
  }[];
  readonly stretcher: { readonly size: PlateSize; readonly middle: number } | undefined;
  readonly viewers: readonly number[];
  /** How high fingers are guarded at the hinges; undefined where they are not. */
  readonly fingerGuard: number | undefined;
  /** Whether the push side’s plate wants a label. */
  readonly labelled: boolean;
}
/** What the stage is handed. */
export type ProtectingInput = StageInput<'opening' | 'sizing' | 'hanging' | 'securing' | 'closing'>;
