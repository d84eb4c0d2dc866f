import { NavLink } from 'react-router';
import { BOLT_STAGES, type DecidedOpening } from '@riegel/core';
import { termText } from '../base/words.js';
import { BoltPicture, boltWords } from '../parts/BoltRow.js';
import { BOLT_PLACES } from '../stage/openingPages.js';
import { SIDE_PAGES } from '../stage/sidePages.js';

const link = ({ isActive }: { isActive: boolean }) =>
  `flex shrink-0 flex-col items-center justify-end border-b-[3px] px-1.5 pt-1 pb-0.5 text-[12px] leading-4 max-lg:px-1 ${
    isActive ? 'border-brass font-semibold text-ink' : 'border-transparent text-soft hover:text-ink'
  }`;

/** The bolt row as the way about an opening: every stage a bolt to press, its other pages beside them. */
export function StageNav({
  address,
  decided,
}: {
  address: string;
  decided: DecidedOpening | undefined;
}) {
  const bolts = new Map(decided?.progress.map((bolt) => [bolt.stage, bolt]));
  const clashes = decided?.clashes.length ?? 0;
  return (
    <nav
      aria-label="Stages"
      className="flex min-w-0 items-end justify-between gap-3 overflow-x-auto px-4 max-md:px-1 [scrollbar-width:none]"
    >
      <div className="flex">
        <NavLink to={address} end className={link} title="The opening as a whole (key 0)">
          {termText('stage.opening')}
        </NavLink>
        {BOLT_STAGES.map((stage) => {
          const bolt = bolts.get(stage);
          const words = bolt ? boltWords(bolt) : termText(`stage.${stage}`);
          return (
            <NavLink
              key={stage}
              to={`${address}/${stage}`}
              className={link}
              title={`${words} (key ${BOLT_PLACES.get(stage)})`}
              data-bolt={bolt?.state}
            >
              {bolt && <BoltPicture bolt={bolt} />}
              {termText(`stage.${stage}`)}
              {bolt && <span className="sr-only">, {words.replace(/^.*?: /, '')}</span>}
            </NavLink>
          );
        })}
      </div>
      <div className="flex">
        {SIDE_PAGES.map(({ path, name, key, Icon }) => {
          const warns = path === 'alternatives' && clashes > 0;
          return (
            <NavLink
              key={path}
              to={`${address}/${path}`}
              className={link}
              title={`${name} (key ${key})${warns ? `: ${clashes} in each other’s way` : ''}`}
            >
              <Icon size={16} className={`mb-0.5 ${warns ? 'text-oxide' : ''}`} aria-hidden />
              {name}
            </NavLink>
          );
        })}
      </div>
    </nav>
  );
}
