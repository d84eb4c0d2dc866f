import { closing } from '../closing/index.js';
import { finishing } from '../finishing/index.js';
import { handing } from '../handing/index.js';
import { hanging } from '../hanging/index.js';
import { powering } from '../powering/index.js';
import { preparing } from '../preparing/index.js';
import { protecting } from '../protecting/index.js';
import { replacing } from '../replacing/index.js';
import { opening } from '../role/index.js';
import { sealing } from '../sealing/index.js';
import { securing } from '../securing/index.js';
import { site } from '../site/index.js';
import { sizing } from '../sizing/index.js';
import { survey, type AnyStage } from '../stageContract/index.js';

/** Every stage, in the order of the work: of deciding, of the screens, of set and checklist. */
export const STAGE_LIST: readonly AnyStage[] = [
  opening,
  survey,
  sizing,
  handing,
  hanging,
  securing,
  closing,
  protecting,
  sealing,
  powering,
  finishing,
  replacing,
  preparing,
  site,
];
