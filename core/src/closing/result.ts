import type { StageInput } from '../stageContract/index.js';
import type { ArmSweep } from './arm.js';
import type { CloserDevice, HoldOpen, StopKind } from './decisions.js';
import type { OpeningForce } from './force.js';
import type { SizedCloser } from './size.js';

/** What later stages and the drawings read of the closing. */
export interface Closing {
  /** Undefined while nothing tells. */
  readonly closes: boolean | undefined;
  readonly device: CloserDevice | undefined;
  readonly size: SizedCloser | undefined;
  readonly force: OpeningForce | undefined;
  readonly sweep: ArmSweep | undefined;
  readonly holdOpen: HoldOpen;
  readonly stop: StopKind | undefined;
  readonly backCheck: boolean;
  readonly selector: boolean;
  /** Height of the rail that a drop plate is fixed to, where the body is higher. */
  readonly dropPlate: number | undefined;
}
/** What the stage is handed. */
export type ClosingInput = StageInput<'opening' | 'sizing' | 'handing' | 'hanging' | 'securing'>;
