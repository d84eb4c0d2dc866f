import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { roomKey, type Building } from '@riegel/core';
import { IconButton } from '../../parts/IconButton.js';
import { AddNamed } from './AddNamed.js';
import type { SaveBuilding } from './saveBuilding.js';

/** The storeys in their order, from the top: moved, added, and taken out where nothing is on them. */
export function StoreyList({
  building,
  canEdit,
  onSave,
}: {
  building: Building;
  canEdit: boolean;
  onSave: SaveBuilding;
}) {
  const { storeys, rooms } = building;
  const move = (at: number, by: number) => {
    const next = [...storeys];
    const [storey] = next.splice(at, 1);
    next.splice(at + by, 0, storey!);
    void onSave({ ...building, storeys: next });
  };
  return (
    <section aria-label="Storeys" className="mt-5">
      <h2 className="caps mb-1">Storeys</h2>
      <ol>
        {storeys
          .map((storey, at) => ({ storey, at }))
          .reverse()
          .map(({ storey, at }) => (
            <li key={storey} className="flex items-center gap-1 border-t border-rule/60 py-0.5">
              <span className="min-w-0 flex-1 truncate">{storey}</span>
              {canEdit && (
                <>
                  <IconButton
                    label={`Move ${storey} up`}
                    disabled={at === storeys.length - 1}
                    onClick={() => move(at, 1)}
                  >
                    <ArrowUp size={14} />
                  </IconButton>
                  <IconButton
                    label={`Move ${storey} down`}
                    disabled={at === 0}
                    onClick={() => move(at, -1)}
                  >
                    <ArrowDown size={14} />
                  </IconButton>
                  <IconButton
                    label={`Delete ${storey}`}
                    disabled={rooms.some((room) => room.storey === storey)}
                    onClick={() =>
                      void onSave({ ...building, storeys: storeys.filter((one) => one !== storey) })
                    }
                  >
                    <Trash2 size={14} />
                  </IconButton>
                </>
              )}
            </li>
          ))}
      </ol>
      {canEdit && (
        <AddNamed
          className="mt-2"
          label="Name of a storey to put on top"
          placeholder="Storey on top"
          button="Add storey"
          most={40}
          onName={(name) => {
            if (!storeys.some((one) => roomKey(one) === roomKey(name)))
              void onSave({ ...building, storeys: [...storeys, name] });
          }}
        />
      )}
    </section>
  );
}
