import { peopleToLift } from '../hanging/index.js';
import { message, slides, valueOrUndefined, type Item } from '../model/index.js';
import type { Work } from './work.js';

/**
 * Hangs one leaf: what is recessed for it, and then its hanging with one screw a hinge, the look round it, the other
 * screws and the gaps.
 *
 * @param leaf which leaf of a pair; the inactive one hangs first, and its hardware is told with the active one
 */
export function hangLeaf(
  work: Work,
  leaf: 'inactive' | 'active' | undefined,
  items: Item[],
): { recess: () => void; hang: () => void } {
  const { steps, decided, facts, made, cares } = work;
  const { device, leaves, metal } = decided.results.hanging;
  const hung = leaves.find((one) => one.leaf.id === leaf) ?? leaves[0]!;
  const mass = leaf === undefined ? Math.max(0, ...leaves.map((one) => one.mass ?? 0)) : hung.mass;
  const more = mass
    ? [{ name: 'name.hanging.mass', value: { type: 'mass', grams: mass } as const }]
    : [];
  const nothing = () => undefined;
  if (slides(facts.kind))
    return {
      recess: nothing,
      hang: () =>
        steps.add('hang', 'track', message('fit.track'), {
          more,
          tools: ['level', 'bit', 'driver'],
          items,
          cares: cares('care.heavy', 'care.massUnknown', 'care.glassIn'),
          leaf,
        }),
    };
  const pivots = device.includes('pivot');
  const glass = valueOrUndefined(facts.leafConstruction) === 'glass';
  const soft = metal.includes('brass') || metal.includes('stainless');
  const prepared = made.leaf && made.frame;
  const concealed = device.includes('concealed');
  const recess = () => {
    if (pivots)
      steps.add('hang', 'pivots', message('fit.pivots'), {
        figures: ['hanging.heel', 'hanging.foot', 'hanging.headPivot'],
        tools: ['plumb', 'bit', 'level'],
        leaf,
      });
    if (pivots || glass || device === 'tee-hinge') return;
    const say =
      device === 'continuous'
        ? 'fit.continuous'
        : device === 'drill-in'
          ? 'fit.drillIn'
          : prepared
            ? 'fit.hingesMade'
            : concealed
              ? 'fit.recessConcealed'
              : decided.results.sizing.fitting?.copied
                ? 'fit.recessCopied'
                : made.frame
                  ? 'fit.recessLeaf'
                  : 'fit.recess';
    steps.add('hang', 'recess', message(say), {
      figures: [
        'hanging.positions',
        'hanging.recess',
        'hanging.recessLeaf',
        'hanging.recessFrame',
        'hanging.setBack',
        'hanging.corner',
      ],
      tools: prepared
        ? ['driver']
        : device === 'drill-in'
          ? ['template', 'bit', 'guards']
          : ['template', 'router', 'chisel', 'guards'],
      cares: cares('care.cutting', 'care.rated'),
      under: prepared ? 'hang' : 'leaf',
      leaf,
    });
  };
  const { people, lifter } = peopleToLift(mass || undefined, decided.practice);
  const hang = () => {
    const byScrews = !pivots && !glass;
    const say = glass
      ? message('fit.hangGlass')
      : pivots
        ? message('fit.hangPivots')
        : device === 'drill-in'
          ? message('fit.hangDrillIn')
          : message(lifter ? 'fit.hangLifter' : people === 1 ? 'fit.hangAlone' : 'fit.hang', {
              people,
            });
    steps.add('hang', 'hang', say, {
      more,
      tools: ['wedges', 'lifter', 'driver'],
      items: byScrews ? [] : items,
      cares: cares('care.heavy', 'care.massUnknown', 'care.glass', 'care.glassIn', 'care.pivot'),
      leaf,
    });
    steps.add('hang', 'gaps', message('fit.gaps'), {
      figures: [
        'sizing.hingeGap',
        'sizing.lockGap',
        'sizing.meetingGap',
        'sizing.headGap',
        'sizing.undercut',
      ],
      tools: ['feeler', 'shims'],
      leaf,
    });
    if (byScrews)
      steps.add(
        'hang',
        'screws',
        message(
          prepared
            ? 'fit.screwsMachine'
            : made.frame && !made.leaf
              ? 'fit.screwsMixed'
              : soft
                ? 'fit.screwsSoft'
                : 'fit.screws',
        ),
        {
          figures: ['hanging.screws', 'hanging.longScrew'],
          tools: ['bit', 'driver'],
          items,
          leaf,
        },
      );
    if (concealed)
      steps.add('hang', 'adjust', message('fit.adjustConcealed'), { tools: ['driver'], leaf });
  };
  return { recess, hang };
}
