import { useMemo } from 'react';
import { Link } from 'react-router';
import { lengthPart, levelsOf, type CorridorLevel, type Units } from '@riegel/core';
import { termText } from '../../base/words.js';
import { openingAddress } from '../../stage/openingPages.js';
import { useOpenings, useProject } from '../../data/project.js';
import { Figures } from '../../parts/Figure.js';
import { basisOf } from '../../worker/basis.js';
import { useDoors } from '../../worker/client.js';

/** Locks kept level along each corridor: the height most stand at, the odd ones, one step to level them. */
export function Corridors({ openingId, units }: { openingId: string; units: Units }) {
  const { project, basis, canEdit, edit } = useProject();
  const { openings } = useOpenings();
  const doors = useDoors(openings, basis);
  const levels = useMemo(
    () =>
      doors &&
      levelsOf(
        doors.map((one) => one.level),
        basisOf(basis).rooms,
      ),
    [doors, basis],
  );
  if (!levels) return <p className="text-soft">Deciding …</p>;
  const mine = doors?.find((one) => one.level.id === openingId)?.level;
  const here = (level: CorridorLevel) =>
    mine?.rooms.some((room) => room === level.room) && mine.item === level.item ? 0 : 1;
  const sorted = [...levels].sort(
    (a, b) => here(a) - here(b) || b.odd.length - a.odd.length || a.room.localeCompare(b.room),
  );
  if (sorted.length === 0)
    return (
      <p className="text-soft">
        No corridor has two locks to be compared yet. Rooms are corridors by their use or name.
      </p>
    );
  return (
    <table className="w-full table-fixed" aria-label="Along the corridors">
      <thead>
        <tr className="border-b-2 border-ink text-left">
          <th className="w-[26%] py-1">Corridor</th>
          <th className="w-[24%] py-1">Most stand at</th>
          <th className="py-1">Odd ones out</th>
          <th className="w-28" />
        </tr>
      </thead>
      <tbody>
        {sorted.map((level) => (
          <tr
            key={`${level.room} ${level.item}`}
            data-corridor={level.room}
            className={`border-b border-rule align-baseline ${here(level) === 0 ? 'bg-brass-wash/50' : ''}`}
          >
            <th className="py-1 pr-2 text-left font-semibold">
              {level.room}
              <span className="block text-xs font-normal text-soft">
                {termText(`heightItem.${level.item}`)}
              </span>
            </th>
            <td className="py-1 pr-2">
              {level.count > 1 ? (
                <>
                  <b>
                    <Figures parts={[lengthPart(level.height, units)]} />
                  </b>{' '}
                  <span className="text-soft">× {level.count}</span>
                </>
              ) : (
                <span className="text-soft">no two alike</span>
              )}
            </td>
            <td className="py-1 pr-2">
              {level.odd.length === 0 && <span className="text-verdigris">level</span>}
              {level.odd.map((one) => (
                <Link
                  key={one.id}
                  className="mr-3 inline-block whitespace-nowrap text-ochre underline decoration-rule underline-offset-2"
                  to={openingAddress(project.id, one.id, 'securing')}
                >
                  {one.mark} <Figures parts={[lengthPart(one.height!, units)]} />
                </Link>
              ))}
            </td>
            <td className="py-1 text-right">
              {level.odd.length > 0 && level.count > 1 && canEdit && (
                <button
                  type="button"
                  className="button !h-7"
                  onClick={() =>
                    edit(level.odd.map(({ id }) => ({ id, patch: { lockHeight: level.height } })))
                  }
                >
                  Level {level.odd.length === 1 ? 'it' : 'them'}
                </button>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
