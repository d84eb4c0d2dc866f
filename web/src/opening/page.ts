import { createContext, useContext } from 'react';
import type {
  DecidedOpening,
  FactsPatch,
  FieldName,
  OpeningFacts,
  Practice,
  Units,
} from '@riegel/core';

/** An opening as every page about it sees it. */
export interface OpeningPage {
  openingId: string;
  /** The address of its first page. */
  address: string;
  facts: OpeningFacts;
  decided: DecidedOpening;
  practice: Practice;
  units: Units;
  canEdit: boolean;
  onPatch: (patch: FactsPatch) => void;
  /** Opens the small editor of a fact beside what was clicked. */
  editFact: (name: FieldName, at: Element) => void;
}

/** What is lit on drawing and page alike: a decision's key or a fact's name. */
export interface Highlight {
  highlighted: string | undefined;
  onHighlight: (part: string | undefined) => void;
}

export const OpeningContext = createContext<OpeningPage | undefined>(undefined);
// Apart, so that a pointer moving over a drawing does not draw the page anew.
export const HighlightContext = createContext<Highlight>({
  highlighted: undefined,
  onHighlight: () => undefined,
});

export function useOpeningPage(): OpeningPage {
  const page = useContext(OpeningContext);
  if (!page) throw new Error('useOpeningPage needs an OpeningFrame');
  return page;
}

export const useHighlight = (): Highlight => useContext(HighlightContext);
