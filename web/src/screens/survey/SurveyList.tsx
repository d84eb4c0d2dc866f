import { Link } from 'react-router';
import { surveyOf, surveyOrder, type OpeningFacts } from '@riegel/core';
import { openingAddress } from '../../stage/openingPages.js';
import { useOpenings, useProject } from '../../data/project.js';

/** How far the survey of an opening is. */
function progressOf(facts: OpeningFacts) {
  const survey = surveyOf(facts);
  const order = surveyOrder(survey.kinds(facts.copyLeaf === true));
  return {
    done: order.filter((kind) => survey.held.has(kind.name)).length,
    all: order.length,
    conflicts: survey.conflicts.length,
  };
}

/** The openings to survey, storey by storey, with how far each is: big enough for a glove. */
export function SurveyList() {
  const { project, building } = useProject();
  const { openings } = useOpenings();
  const storeys = [...new Set(openings.map(({ facts }) => facts.storey ?? ''))].sort(
    (a, b) => building.storeys.indexOf(a) - building.storeys.indexOf(b),
  );
  return (
    <div className="h-full overflow-auto px-6 py-6" tabIndex={0}>
      <div className="mx-auto max-w-4xl">
        <div className="mb-4 flex items-baseline gap-4">
          <h1 className="text-2xl leading-8">Survey</h1>
          <p className="text-soft">
            Readings are kept on this device until they are saved, also without a connection.
          </p>
        </div>
        {openings.length === 0 && (
          <p className="text-soft">Add openings in the register first, then measure them here.</p>
        )}
        {storeys.map((storey) => (
          <section key={storey} className="mb-6">
            {storey && <h2 className="caps mb-1">{storey}</h2>}
            <ul className="grid grid-cols-2 gap-2 max-[900px]:grid-cols-1">
              {openings
                .filter(({ facts }) => (facts.storey ?? '') === storey)
                .map(({ id, facts }) => {
                  const { done, all, conflicts } = progressOf(facts);
                  return (
                    <li key={id}>
                      <Link
                        to={openingAddress(project.id, id, 'survey')}
                        className="sheet grid min-h-14 grid-cols-[5rem_1fr_auto] items-center gap-3 px-4 py-2 hover:!border-brass"
                      >
                        <span className="text-lg font-semibold">{facts.mark}</span>
                        <span className="truncate text-soft">
                          {[facts.from, facts.to].filter(Boolean).join(' → ')}
                        </span>
                        <span className="text-right tabular-nums">
                          {conflicts > 0 && (
                            <span className="mr-2 text-oxide">{conflicts} read twice</span>
                          )}
                          {done === 0 ? (
                            <span className="text-soft">not begun</span>
                          ) : (
                            `${done} of ${all}`
                          )}
                        </span>
                      </Link>
                    </li>
                  );
                })}
            </ul>
          </section>
        ))}
      </div>
    </div>
  );
}
