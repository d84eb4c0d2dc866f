import { useState } from 'react';
import type { Role } from '@riegel/core';
import type { OpeningView } from '../../base/api.js';
import { termText } from '../../base/words.js';
import { CheckBox } from '../../parts/CheckBox.js';
import { Modal } from '../../parts/Modal.js';
import type { RowStore } from '../../worker/rowStore.js';

/** So many marks stand beside a role; the rest are counted. */
const MARKS = 8;

/** The roles that were guessed from rooms, together, with the marks they were guessed for. */
function guessedRoles(openings: readonly OpeningView[], rows: RowStore): Map<Role, OpeningView[]> {
  const found = new Map<Role, OpeningView[]>();
  for (const opening of openings) {
    const role = rows.get(opening.id)?.guessed;
    if (role) found.set(role, [...(found.get(role) ?? []), opening]);
  }
  return new Map([...found].sort((a, b) => b[1].length - a[1].length));
}

/** Guessed roles are confirmed together, role by role: one event, one undo. */
export function RolesDialog({
  openings,
  rows,
  onClose,
  onConfirm,
}: {
  openings: readonly OpeningView[];
  rows: RowStore;
  onClose: () => void;
  onConfirm: (changes: { id: string; patch: { role: Role } }[]) => void;
}) {
  // What is listed stays while the dialog is open.
  const [guessed] = useState(() => guessedRoles(openings, rows));
  const [left, setLeft] = useState<ReadonlySet<Role>>(new Set());
  const taken = [...guessed].filter(([role]) => !left.has(role));
  const count = taken.reduce((sum, [, list]) => sum + list.length, 0);
  return (
    <Modal
      open
      onClose={onClose}
      title="Roles guessed from rooms"
      description="What a door is decides its lock. Confirm what is right; leave out what you will say yourself."
    >
      <ul className="max-h-80 overflow-y-auto border-y border-rule">
        {[...guessed].map(([role, list]) => (
          <li key={role} className="border-b border-rule/60 py-1 last:border-0">
            <CheckBox
              checked={!left.has(role)}
              onChange={(on) => {
                const next = new Set(left);
                if (on) next.delete(role);
                else next.add(role);
                setLeft(next);
              }}
            >
              <b>{termText(`role.${role}`)}</b>{' '}
              <span className="text-soft">
                {list
                  .slice(0, MARKS)
                  .map(({ facts }) => facts.mark)
                  .join(', ')}
                {list.length > MARKS && ` and ${list.length - MARKS} more`}
              </span>
            </CheckBox>
          </li>
        ))}
      </ul>
      <div className="mt-4 flex justify-end gap-2">
        <button type="button" className="button" onClick={onClose}>
          Not now
        </button>
        <button
          type="button"
          className="button primary"
          disabled={count === 0}
          onClick={() => {
            onConfirm(
              taken.flatMap(([role, list]) => list.map(({ id }) => ({ id, patch: { role } }))),
            );
            onClose();
          }}
        >
          Confirm {count}
        </button>
      </div>
    </Modal>
  );
}
