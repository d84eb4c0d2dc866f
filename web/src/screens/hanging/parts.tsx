import { useOpeningPage } from '../../opening/page.js';
import type { StageParts } from '../../stage/stageParts.js';
import { Clashes } from './Clashes.js';
import { LoadsBench } from './LoadsBench.js';
import { Schools } from './Schools.js';
import { SwingBench } from './SwingBench.js';

/** What the hinges carry, and the two schools of placing those between. */
function Loads() {
  const page = useOpeningPage();
  return (
    <div className="flex min-h-full flex-col gap-3 p-3">
      <LoadsBench {...page} />
      <Schools {...page} />
    </div>
  );
}

function Swing() {
  const { decided, units } = useOpeningPage();
  return (
    <div className="flex h-full flex-col p-3">
      <SwingBench decided={decided} units={units} />
    </div>
  );
}

/** What the hanging has beside what every stage's page shows. */
export const HANGING: StageParts = {
  benches: [
    { value: 'loads', name: 'Loads', Component: Loads },
    { value: 'swing', name: 'Swing', Component: Swing },
  ],
  sections: [{ name: 'Clashes', Component: Clashes }],
};
