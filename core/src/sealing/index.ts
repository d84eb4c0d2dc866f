export { BOTTOM_SEALS, FLOOR_TEXTURES, type BottomSeal } from './facts.js';
export type { Sealing } from './result.js';
export { soundThrough, type SoundPath, type SoundSum } from './sound.js';
export { sealing } from './stage.js';
