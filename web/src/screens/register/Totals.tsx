import { useSyncExternalStore } from 'react';
import { BoltStack } from '../../parts/BoltRow.js';
import { LevelSign } from '../../parts/Say.js';
import type { RowStore } from '../../worker/rowStore.js';

/** How far the project is, in one line. */
export function Totals({
  openings,
  shown,
  rows,
  busy,
  onRoles,
}: {
  openings: number;
  shown: number;
  rows: RowStore;
  busy: boolean;
  /** Opens the list of guessed roles; absent where nothing may be changed. */
  onRoles?: (() => void) | undefined;
}) {
  const { lines, stops, checks, open, guessed, stages } = useSyncExternalStore(
    rows.subscribe,
    rows.totals,
  );
  return (
    <div className="flex h-7 shrink-0 items-center justify-between gap-4 border-t border-rule px-4">
      <span
        className="flex items-center gap-2 text-xs whitespace-nowrap text-soft"
        aria-live="polite"
      >
        <span>
          {shown === openings ? openings : `${shown} of ${openings}`} openings
          {busy ? ', deciding …' : ''}
        </span>
        <span className="flex items-center gap-1">
          <LevelSign level="stop" />
          {stops}
        </span>
        <span className="flex items-center gap-1">
          <LevelSign level="check" />
          {checks}
        </span>
        <span>{open} open</span>
        {guessed > 0 &&
          (onRoles ? (
            <button
              type="button"
              className="basis-assumed hover:text-brass"
              title="Confirm the roles that were guessed from rooms"
              onClick={onRoles}
            >
              {guessed} roles guessed
            </button>
          ) : (
            <span className="basis-assumed">{guessed} roles guessed</span>
          ))}
      </span>
      <div className="max-[1180px]:hidden">
        <BoltStack counts={stages} lines={lines} />
      </div>
    </div>
  );
}
