import { message, type Message } from '../model/index.js';
import { springs, type Assignment } from './constraints.js';

/** A rule that two or more choices break together, with why; it reads only what it names. */
interface Rule {
  of: readonly (keyof Assignment)[];
  breaks: (choice: Assignment) => boolean;
  why: Message;
}

const centre = (device: Assignment['device']) =>
  device === 'centre-pivot' || device === 'double-acting-spring';
const pivot = (device: Assignment['device']) => centre(device) || device === 'offset-pivot';

/** What cannot stand together, whatever the sizes (handbook, “Pivots” and “Closing”). */
const RULES: readonly Rule[] = [
  {
    of: ['device', 'foot'],
    breaks: ({ device, foot }) => foot === 'jamb' && device !== 'offset-pivot',
    why: message('alternatives.rule.foot'),
  },
  {
    of: ['device', 'frameKind'],
    breaks: ({ device, frameKind }) => centre(device) !== (frameKind === 'stopless'),
    why: message('alternatives.rule.frame'),
  },
  {
    of: ['device', 'closer'],
    breaks: ({ device, closer }) =>
      (closer === 'floor' || closer === 'head') && (!pivot(device) || springs(device)),
    why: message('alternatives.rule.pivotCloser'),
  },
  {
    of: ['device', 'closer'],
    breaks: ({ device, closer }) =>
      centre(device) &&
      (closer === 'surface-pull' || closer === 'surface-push' || closer === 'concealed-overhead'),
    why: message('alternatives.rule.centreCloser'),
  },
  {
    of: ['device', 'closer'],
    breaks: ({ device, closer }) => springs(device) && closer !== 'none',
    why: message('alternatives.rule.spring'),
  },
  {
    of: ['foot', 'closer'],
    breaks: ({ foot, closer }) => foot === 'jamb' && closer === 'floor',
    why: message('alternatives.rule.footCloser'),
  },
];

/** The first rule that what is chosen so far breaks; choices still absent break nothing. */
export function brokenRule(choice: Partial<Assignment>): Rule | undefined {
  return RULES.find(
    (rule) =>
      rule.of.every((name) => choice[name] !== undefined) && rule.breaks(choice as Assignment),
  );
}
