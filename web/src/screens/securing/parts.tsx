import { Link } from 'react-router';
import { useOpeningPage } from '../../opening/page.js';
import { PassagesPicture } from '../../opening/PassagesPicture.js';
import { useProject } from '../../data/project.js';
import type { StageParts } from '../../stage/stageParts.js';
import { Corridors } from './Corridors.js';
import { Heights } from './Heights.js';
import { HeightsDrawing, LockCut, StrikeDrawing } from './LockDrawings.js';

function HeightTables() {
  const { decided, units, openingId } = useOpeningPage();
  return (
    <>
      <Heights decided={decided} units={units} />
      <Corridors openingId={openingId} units={units} />
    </>
  );
}

function WorkTheLock() {
  const { decided } = useOpeningPage();
  const { project } = useProject();
  const { spec } = decided.results.securing;
  if (!spec) return <p className="text-soft">No lock function is decided yet.</p>;
  return (
    <Link
      className="button"
      to={`/projects/${project.id}/library?function=${encodeURIComponent(spec.id)}`}
    >
      Work the lock
    </Link>
  );
}

/** What securing has beside what every stage's page shows. */
export const SECURING: StageParts = {
  benches: [
    { value: 'lock', name: 'Lock cut', Component: LockCut },
    { value: 'strike', name: 'Strike', Component: StrikeDrawing },
    { value: 'heights', name: 'Heights', Component: HeightsDrawing },
  ],
  sections: [
    { name: 'Who gets through', open: true, Component: PassagesPicture },
    { name: 'Lock function, worked by hand', Component: WorkTheLock },
    { name: 'Heights', Component: HeightTables },
  ],
};
