export { cutsOf, MEMBERS, type Cut, type CutMember } from './cuts.js';
export { prepSheets, spread, type Ordinate, type PrepSheet } from './sheet.js';
export { dxf, type DxfDrawing } from './dxf.js';
export {
  storySticks,
  templateOpening,
  type Router,
  type StickMark,
  type StoryStick,
} from './stick.js';
export { reinforcements, type Reinforcement } from './reinforcements.js';
