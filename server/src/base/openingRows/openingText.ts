import { stringify } from 'safe-stable-stringify';
import type { OpeningFacts } from '@riegel/core';

/**
 * An opening with its facts as stored: JSON whose keys are sorted, so that the same facts are the same
 * text. The server compares, keeps and hands on facts without unfolding them.
 */
export interface OpeningText {
  id: string;
  version: number;
  facts: string;
}

/** Facts, or a document's body, in their stored spelling. */
export function storedJson(value: unknown): string {
  return stringify(value) ?? 'null';
}

/** An opening as the interface gives it. */
export function openingJson({ id, version, facts }: OpeningText): string {
  return `{"id":"${id}","version":${version},"facts":${facts}}`;
}

export const openingsJson = (openings: readonly OpeningText[]): string =>
  `[${openings.map(openingJson).join(',')}]`;

/** The same unfolded, for answers that hold few. */
export const unfolded = ({ id, version, facts }: OpeningText) => ({
  id,
  version,
  facts: JSON.parse(facts) as OpeningFacts,
});

/** What of an opening is listed, sorted or searched, in columns of its own. */
export interface ListedColumns {
  mark: string;
  kind: string;
  fromRoom: string;
  toRoom: string;
  storey: string;
}

export function listedColumns(facts: OpeningFacts): ListedColumns {
  return {
    mark: facts.mark,
    kind: facts.kind,
    fromRoom: facts.from ?? '',
    toRoom: facts.to ?? '',
    storey: facts.storey ?? '',
  };
}

/** Facts as they are stored. */
export interface StoredFacts {
  text: string;
  columns: ListedColumns;
}
