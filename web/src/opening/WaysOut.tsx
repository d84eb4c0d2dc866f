import { useState } from 'react';
import { fixesOf, type Finding, type TriedWay } from '@riegel/core';
import { useProject } from '../data/project.js';
import { LevelSign, Say } from '../parts/Say.js';
import { askCore, coreFailed } from '../worker/client.js';
import { termText } from '../base/words.js';
import { useOpeningPage } from './page.js';

/** The ways out of a finding: each decided as if it were taken, with what goes and what comes, before it is taken. */
export function WaysOut({ finding }: { finding: Finding }) {
  const { facts, canEdit, onPatch, units } = useOpeningPage();
  const { basis } = useProject();
  const [tried, setTried] = useState<readonly TriedWay[] | undefined>();
  const ways = fixesOf(finding, facts);
  if (ways.length === 0 || !canEdit || finding.accepted) return null;
  const look = () => {
    askCore(basis, (core) => core.tryWays(facts, ways))
      .then(setTried)
      .catch(coreFailed);
  };
  if (!tried)
    return (
      <p className="mb-1 ml-6">
        <button
          type="button"
          className="text-[13px] text-soft underline hover:text-brass"
          onClick={look}
        >
          {ways.length === 1 ? 'a way out' : `${ways.length} ways out`}
        </button>
      </p>
    );
  return (
    <ul className="mb-2 ml-6" aria-label="Ways out">
      {tried.map(({ way, gone, come }) => (
        <li key={way.term} className="border-l-2 border-rule py-0.5 pl-2">
          <span className="flex items-baseline gap-3">
            <b className="font-semibold">{termText(way.term)}</b>
            <span className="text-soft">
              {gone.length} {gone.length === 1 ? 'finding goes' : 'findings go'},{' '}
              {come.length === 0 ? 'none comes' : `${come.length} come`}
            </span>
            <button
              type="button"
              className="ml-auto text-[13px] underline hover:text-brass"
              onClick={() => onPatch(way.patch)}
            >
              take it
            </button>
          </span>
          {come.map((one, index) => (
            <span key={index} className="flex gap-2 text-[13px]">
              <span className="pt-[3px]">
                <LevelSign level={one.level} />
              </span>
              <Say said={one} units={units} />
            </span>
          ))}
        </li>
      ))}
    </ul>
  );
}
