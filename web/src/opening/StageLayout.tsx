import { useCallback, useEffect, useRef } from 'react';
import { Outlet, useLocation, useParams } from 'react-router';
import type { Stage } from '@riegel/core';
import { useStageParts } from '../stage/stageParts.js';
import { DrawingPane } from './DrawingPane.js';
import { useHighlight } from './page.js';

/** The drawing that stays, and beside it the page of the stage that is worked on. */
export function StageLayout() {
  const stage = useParams()['stage'] as Stage | undefined;
  const { onHighlight } = useHighlight();
  const parts = useStageParts(stage);
  const page = useRef<HTMLDivElement>(null);
  const { pathname } = useLocation();
  useEffect(() => {
    page.current?.scrollTo({ top: 0 });
  }, [pathname]);
  const toDecision = useCallback(
    (part: string) => {
      const row = page.current?.querySelector<HTMLElement>(
        `[data-decision="${CSS.escape(part)}"], [data-fact="${CSS.escape(part)}"]`,
      );
      row?.scrollIntoView({ block: 'center' });
      row?.focus({ preventScroll: true });
      onHighlight(part);
    },
    [onHighlight],
  );
  return (
    <div className="stage-layout grid min-h-0">
      <DrawingPane stage={stage} benches={parts?.benches ?? NO_BENCHES} onSelect={toDecision} />
      <div
        ref={page}
        className="relative min-h-0 min-w-0 overflow-auto border-rule px-4 pb-12"
        tabIndex={0}
        role="region"
        aria-label="Stage"
      >
        <Outlet />
      </div>
    </div>
  );
}

const NO_BENCHES = [] as const;
