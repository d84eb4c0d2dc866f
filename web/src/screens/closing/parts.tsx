import type { StageParts } from '../../stage/stageParts.js';
import { ArmBench } from './ArmBench.js';
import { ClosingBench } from './ClosingBench.js';
import { Tuning } from './Tuning.js';

/** What closing has beside what every stage's page shows. */
export const CLOSING: StageParts = {
  benches: [
    { value: 'closer', name: 'Closer bench', Component: ClosingBench },
    { value: 'arm', name: 'Arm', Component: ArmBench },
  ],
  sections: [{ name: 'Tuning the closer', Component: Tuning }],
};
