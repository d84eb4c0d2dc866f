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
export const KNOWN = [
  {
    why: 'a tall leaf on concealed hinges says why it has three',
    matches: ({ text }) =>
      /"key":"hanging.count[@"]/.test(text) && text.includes('"hanging.count.concealed"'),
  },
  {
    why: 'ways to gain clear width name the angle and the thickness they mean',
    matches: ({ text }) => text.includes('"hanging.gain.'),
  },
  {
    why: 'a product of another type lacks only that it is of another type',
    matches: ({ section, text }) =>
      (section === 'findings' && text.includes('"code":"catalogue.lacks')) ||
      (section === 'decisions' && /"name":"(product|boltsProduct)"/.test(text)),
  },
  {
    why: 'the grade follows from back-check too, which is a fact of its own',
    matches: ({ text }) => text.includes('"name":"grade"'),
  },
  {
    why: 'what clashes with a bored dead bolt is told under securing, where it is recorded',
    matches: ({ text }) => text.includes('"parts":["deadBolt"') || text.includes(',"deadBolt"]'),
  },
  {
    why: 'of a closer nobody knows it is not taken that there is one',
    matches: ({ text, facts }) => facts.closer === 'unknown' && text.includes('coordinator'),
  },
  {
    why: 'a lock that is named where bolts belong is not the name of the lock',
    matches: ({ section, facts }) =>
      section === 'items' && facts.choices?.['securing.boltsProduct'] !== undefined,
  },
  {
    why: 'where there is no closer its kind says nothing',
    matches: ({ facts }) => facts.closer === 'none' && facts.closerKind !== undefined,
  },
  {
    why: 'what is told under another stage, or no longer, changes the mark of its bolt',
    matches: ({ section, facts }) => section === 'progress' && facts.deadBolt === true,
  },
  {
    why: 'where no gap follows, a leaf is ordered by the usual gap of the practice, not by 3 mm',
    matches: ({ text, facts }) =>
      facts.readings !== undefined &&
      /"(sizing\.(order|orderSecond|cutBeyond|asMadeGaps)|replacing\.|hanging\.)/.test(text),
  },
  {
    why: 'a threshold that seals is a threshold: undercut and height follow from it',
    matches: ({ facts }) => facts.bottomSeal === 'threshold' && facts.threshold !== 'present',
  },
  {
    why: 'a leaf with a kind of closer recorded closes by itself, though “closer” was not said beside it',
    matches: ({ facts }) =>
      facts.closerKind !== undefined && (facts.closer === undefined || facts.closer === 'unknown'),
  },
];
