import type { StageInput } from '../stageContract/index.js';
import type { Currents } from './current.js';
import type { WirePath } from './decisions.js';
import type { Access } from './facts.js';
import type { PassingIn, Release } from '../machines/index.js';
import type { Load } from './values.js';

/** What later stages, the page and the sheets read of the powering. */
export interface Powering {
  /** What draws current. */
  readonly loads: readonly Load[];
  readonly access: Access | undefined;
  readonly path: WirePath | undefined;
  readonly currents: Currents | undefined;
  /** The least wire, and the volts it loses. */
  readonly wire: { readonly name: string; readonly drop: number } | undefined;
  /** How what is electric is let go; undefined where nothing electric holds the leaf shut. */
  readonly release: Release | undefined;
  /** Who can enter and leave in each state, where something electric holds the leaf shut. */
  readonly passing: readonly PassingIn[];
}
/** What the stage is handed. */
export type PoweringInput = StageInput<
  'opening' | 'sizing' | 'hanging' | 'securing' | 'closing' | 'sealing'
>;
