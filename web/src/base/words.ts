import { itemText as itemIn, termIn, type Item, type Language } from '@riegel/core';

/** Whose words the screens speak: those of the practice of the project that is open. */
let spoken: Language | undefined;

/** Screens under one project speak one language; another project is another page. */
export function setLanguage(language: Language | undefined): void {
  spoken = language;
}

/** The word for a term code in the words of the practice. */
export const termText = (code: string): string => termIn(code, spoken);

/** The label of a decision. */
export const decisionName = (stage: string, name: string): string =>
  termText(`name.${stage}.${name}`);

/** An item’s description in the words of a schedule. */
export const itemText = (item: Item): string => itemIn(item, spoken);
