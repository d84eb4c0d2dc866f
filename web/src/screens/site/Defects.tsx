import { TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import type { Defect } from '@riegel/core';
import { useProject } from '../../data/project.js';
import type { OpeningSite } from '../../data/useSite.js';
import { useOpeningPage } from '../../opening/page.js';
import { ReasonDialog } from '../../parts/ReasonDialog.js';

/** The defects of an opening: what is open with who and by when, and what was put right. */
export function Defects({ site, onNew }: { site: OpeningSite; onNew?: (() => void) | undefined }) {
  const { canEdit, openingId } = useOpeningPage();
  const { project } = useProject();
  const [settling, setSettling] = useState<Defect | undefined>();
  const { defects } = site.state;
  const open = defects.filter(({ settled }) => !settled);
  const settled = defects.filter((one) => one.settled);
  return (
    <section aria-label="Defects" className="mt-4">
      <div className="flex items-center gap-3">
        <h3 className="caps">Defects</h3>
        {onNew && (
          <button className="button ml-auto !h-11" onClick={onNew}>
            <TriangleAlert size={16} /> Another defect …
          </button>
        )}
      </div>
      {defects.length === 0 && <p className="text-soft">None reported.</p>}
      {open.map((one) => (
        <div key={one.id} data-defect="open" className="flex gap-3 border-t border-rule py-1.5">
          <div className="min-w-0 flex-1">
            <p className="text-base text-oxide">{one.reported.what}</p>
            <p className="text-soft">
              {one.reported.who ? `${one.reported.who}, ` : 'nobody named, '}
              {one.reported.until ? `by ${one.reported.until}` : 'no day set'}; reported by{' '}
              {one.reported.by}, {one.reported.at.slice(0, 10)}
              {one.reported.photo && (
                <>
                  {' · '}
                  <a
                    className="text-brass underline"
                    href={`/api/projects/${project.id}/openings/${openingId}/photos/${one.reported.photo}`}
                    target="_blank"
                    rel="noreferrer"
                  >
                    photograph
                  </a>
                </>
              )}
            </p>
          </div>
          {canEdit && (
            <button className="button !h-11 shrink-0" onClick={() => setSettling(one)}>
              Put right …
            </button>
          )}
        </div>
      ))}
      {settled.map((one) => (
        <p key={one.id} data-defect="settled" className="border-t border-rule py-1.5 text-soft">
          {one.reported.what}: {one.settled!.note} ({one.settled!.by},{' '}
          {one.settled!.at.slice(0, 10)})
        </p>
      ))}
      {settling && (
        <ReasonDialog
          title="Put right"
          description={settling.reported.what}
          act="It is put right"
          onDone={(note) => {
            site.record('settled', { defect: settling.id, note });
            // What a test found is to be tried again.
            const { test } = settling.reported;
            const round = [...site.state.tests].find(([, found]) => test && found.has(test))?.[0];
            if (test && round) site.record('test', { round, test, outcome: 'not-tried' });
            setSettling(undefined);
          }}
          onClose={() => setSettling(undefined)}
        />
      )}
    </section>
  );
}
