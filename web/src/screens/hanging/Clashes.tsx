import { useMemo } from 'react';
import { Link } from 'react-router';
import {
  clashDrawings,
  clashFindings,
  measured,
  worstClashes,
  type Clash,
  type DecidedOpening,
  type Units,
} from '@riegel/core';
import { ModelView } from '../../drawing/ModelView.js';
import { useOpeningPage } from '../../opening/page.js';
import { FindingLine } from '../../parts/Say.js';

/** What is in each other's way: each said, seen from the face and in a cut. */
export function Clashes() {
  const { decided, units, address } = useOpeningPage();
  const shown = useMemo(() => worstClashes(decided.clashes), [decided]);
  if (shown.length === 0)
    return (
      <p className="text-soft">
        Nothing recorded so far is in each other’s way. What is not recorded was not checked.
      </p>
    );
  return (
    <>
      {shown.map((clash, index) => (
        <ClashFigure key={index} clash={clash} decided={decided} units={units} />
      ))}
      <Link className="button primary mt-2 inline-flex" to={`${address}/alternatives`}>
        Look for alternatives
      </Link>
    </>
  );
}

function ClashFigure({
  clash,
  decided,
  units,
}: {
  clash: Clash;
  decided: DecidedOpening;
  units: Units;
}) {
  const leaf = decided.results.hanging.leaves.find((one) => one.leaf.id === clash.leaf)?.leaf;
  const whole = leaf && measured(leaf);
  const drawn = useMemo(
    () => (whole ? clashDrawings(clash, decided.solids, whole) : undefined),
    [clash, decided, whole],
  );
  return (
    <section className="mb-4" data-clash={clash.kind}>
      {clashFindings([clash], decided.facts).map((finding, index) => (
        <FindingLine key={index} finding={finding} units={units} />
      ))}
      {drawn && (
        <div className="grid grid-cols-2 gap-2">
          <figure className="sheet">
            <div className="h-52 p-1">
              <ModelView model={drawn.face} units={units} title="The place, from the pull face" />
            </div>
            <figcaption className="border-t border-rule px-2 text-xs text-soft">
              from the pull face, hinges left
            </figcaption>
          </figure>
          <figure className="sheet">
            <div className="h-52 p-1">
              <ModelView model={drawn.cut} units={units} title="A cut through the place" />
            </div>
            <figcaption className="border-t border-rule px-2 text-xs text-soft">
              {drawn.level ? 'cut level, pull face below' : 'cut upright, pull face left'}
            </figcaption>
          </figure>
        </div>
      )}
    </section>
  );
}
