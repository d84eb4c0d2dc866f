import { egressOf, type OpeningFacts, type ProjectBasis, type EgressFlow } from '@riegel/core';

/** The ways out of a project’s building; the same object while nothing they rest on changes. */
export interface Ways {
  key: string;
  ways: ReadonlyMap<string, EgressFlow>;
}

const NONE: Ways = { key: '', ways: new Map() };

const edges = new WeakMap<OpeningFacts, string>();

/** What of an opening the graph of rooms depends on; worked out once for each state of it. */
function edgeOf(facts: OpeningFacts): string {
  let edge = edges.get(facts);
  if (edge === undefined) {
    const { from, to, egress, escape } = facts;
    edge = from && to ? JSON.stringify([from, to, egress, escape]) : '';
    edges.set(facts, edge);
  }
  return edge;
}

/** Keeps the ways out while the edges and the rooms stay as they are. */
export class WaysKeeper {
  private of = '';
  private count = 0;
  private kept = NONE;

  waysOf(
    openings: readonly { facts: OpeningFacts }[],
    basis: ProjectBasis,
    basisKey: string,
  ): Ways {
    const of = `${basisKey}\n${openings.map(({ facts }) => edgeOf(facts)).join('\n')}`;
    if (of === this.of) return this.kept;
    this.of = of;
    const { ways } = egressOf(
      openings.map(({ facts }) => facts),
      basis.rooms,
      basis.practice,
    );
    this.kept = ways.size === 0 ? NONE : { key: `${basisKey} ${++this.count}`, ways };
    return this.kept;
  }
}
