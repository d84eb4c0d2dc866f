// What differs on purpose between the core before and after a change, for scripts/compare-decisions.mjs.
// It is emptied when a change is in: the next one begins with nothing that may differ.

/** Sections under other names before. */
export const RENAMED = { progress: 'bolts' };

const RENAMINGS = [
  ['"hanging.use"', '"hanging.frequency"'],
  [/"use"(?=[,\]])/g, '"frequency"'],
  ['"wayOut"', '"egress"'],
  ['"care.wayOut"', '"care.egress"'],
  ['"securing.bolts.wayOut"', '"securing.bolts.egress"'],
  ['"preparing.', '"replacing.'],
  ['"closerKind"', '"closer"'],
  ['"closer.closer"', '"graded.closer"'],
  ['"closer.back-check"', '"graded.back-check"'],
  ['"closer.none"', '"graded.none"'],
];

/** A section as it is compared; what was only renamed is renamed in the older side. */
export function normalised(section, list, side) {
  if (side !== 'before') return list;
  return list.map((one) => {
    const text = RENAMINGS.reduce(
      (all, [from, to]) => all.replaceAll(from, to),
      JSON.stringify(one),
    );
    const now = JSON.parse(text);
    return section === 'decisions' && now.stage === 'preparing'
      ? { ...now, stage: 'replacing' }
      : now;
  });
}

/** Differences with their reason: `matches({ section, sign, code, text, facts })`. */
export const KNOWN = [];
