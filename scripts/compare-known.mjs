// What differs on purpose between the core before and after a change, for scripts/compare-decisions.mjs.

/** Sections under other names before. */
export const RENAMED = { progress: 'bolts' };

/** What an older decision is called now. */
const renamed = (text) => text.replaceAll('"preparing.', '"replacing.');

/** A section as it is compared; what was only renamed is renamed in the older side. */
export function normalised(section, list, side) {
  if (side !== 'before' || section !== 'decisions') return list;
  return list.map((decision) =>
    decision.stage === 'preparing'
      ? { ...JSON.parse(renamed(JSON.stringify(decision))), stage: 'replacing' }
      : decision,
  );
}

/** Differences with their reason: `matches({ section, sign, code, text, facts })`. */
export const KNOWN = [
  {
    why: 'what is of another type altogether lacks only that',
    matches: ({ section, code }) => section === 'findings' && code.startsWith('catalogue.lacks'),
  },
  {
    why: 'products that lack something else are told by fewer reasons and another mark',
    matches: ({ code }) => /\.(product|boltsProduct)$/.test(code),
  },
];
