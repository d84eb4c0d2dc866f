import { message } from '../model/index.js';
import type { Body, Practice } from '../practice/index.js';
import { PrepWriter, type Preparation } from '../stageContract/index.js';
import type { Hanging } from './hung.js';

/** The bodies of concealed hinges in leaf and frame. */
function bodiesOf(
  { device }: Hanging,
  { values }: Practice,
): { leaf: Body; frame: Body } | undefined {
  const { bodies } = values;
  switch (device) {
    case 'concealed':
    case 'spring-concealed':
      return { leaf: bodies.value.concealedHinge, frame: bodies.value.concealedHingeFrame };
    case 'adjustable-concealed':
      return { leaf: bodies.value.adjustableHinge, frame: bodies.value.adjustableHingeFrame };
    default:
      return undefined;
  }
}

/**
 * Tells the recesses of concealed hinges in their two depths: the shallow one for the plates over the whole length,
 * which decides how flush they lie, and the deep one for the body between their ends, which may be a little deeper;
 * each with its corners, and the opening of a template for the router's bit and guide (trade practice).
 */
export function concealedPreparation(
  practice: Practice,
  hanging: Hanging,
): Preparation | undefined {
  const bodies = bodiesOf(hanging, practice);
  if (!bodies || hanging.leaves.every(({ positions }) => !positions)) return undefined;
  const { concealedPlate, routerBit, routerCollar } = practice.values;
  const { thick, end, over } = concealedPlate.value;
  const write = new PrepWriter();
  for (const [name, body] of [
    ['concealedLeaf', bodies.leaf],
    ['concealedFrame', bodies.frame],
  ] as const) {
    const long = Math.max(0, body.up - 2 * end);
    write.group(name);
    write.lengths('plateRecess', body.up, body.through, thick);
    write.lengths('bodyRecess', long, body.through, body.across + over);
    write.corner('recessCorner', routerBit.value / 2);
    const more = routerCollar.value - routerBit.value;
    write.lengths('plateTemplate', body.up + more, body.through + more);
    write.lengths('bodyTemplate', long + more, body.through + more);
    write.tool('router', routerBit.value, 'plateRecess');
    write.tool('router', routerBit.value, 'bodyRecess');
  }
  return {
    groups: write.groups,
    bits: write.tools(),
    row: undefined,
    notes: [message('hanging.concealed.shallow'), message('hanging.concealed.backing')],
  };
}
