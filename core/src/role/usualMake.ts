import { byPractice, everywhere, sourced, TRADE, type PracticeId } from '../practice/index.js';
import { answers, type Role } from '../roles/index.js';

const usual = (of: Record<Role, string>, what: string) =>
  sourced(of, 'term', `${TRADE}: ${what}; assumed until somebody says`, 'preference');

const FINISH: Record<PracticeId, string> = {
  'us-commercial': 'satin chrome',
  'us-residential': 'satin nickel',
  british: 'satin stainless',
  continental: 'satin stainless',
  australasian: 'satin chrome',
};

/** Minutes from which a timber leaf gives way to another make, which, and by what. */
const RATED: Record<PracticeId, readonly [number, string, string]> = {
  'us-commercial': [60, 'timber-mineral', 'ANSI/WDMA I.S. 1A: mineral core from 60 minutes'],
  'us-residential': [60, 'timber-mineral', 'ANSI/WDMA I.S. 1A: mineral core from 60 minutes'],
  british: [90, 'steel-honeycomb-18', `${TRADE}: timber to FD60`],
  continental: [60, 'steel-honeycomb-18', `${TRADE}: timber to T 30; T 90 in steel`],
  australasian: [60, 'timber-mineral', 'AS 1905.1: tested cores'],
};

/** What is usual where nobody recorded it. */
export const USUAL_VALUES = {
  leafByRole: byPractice((id) =>
    usual(
      answers<string>(id, ({ make }) => make.leaf),
      'leaves by what the door is',
    ),
  ),
  frameByRole: byPractice((id) =>
    usual(
      answers<string>(id, ({ make }) => make.frame),
      'frames by what the door is',
    ),
  ),
  leafRated: byPractice((id) => sourced(RATED[id][1], 'term', RATED[id][2], 'preference')),
  leafRatedFrom: byPractice((id) => sourced(RATED[id][0], 'count', RATED[id][2], 'preference')),
  /** The leaf that stands to the weather where the role’s own is of timber. */
  leafOutside: everywhere(
    sourced('steel-honeycomb-18', 'term', `${TRADE}: service doors to the open`, 'preference'),
  ),
  useByRole: byPractice((id) =>
    usual(
      answers<string>(id, ({ make }) => make.frequency),
      'passages a day by what the door is',
    ),
  ),
  /** What a leaf that must be tight lies over. */
  floorUsual: everywhere(
    sourced('smooth', 'term', `${TRADE}: a hard floor under a door that seals`, 'preference'),
  ),
  finishUsual: byPractice((id) =>
    sourced(FINISH[id], 'term', `${TRADE}: the usual appearance of the practice`, 'preference'),
  ),
};
