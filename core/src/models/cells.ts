import type { ModelDoor } from './doors.js';

const HEAD = [
  'Mark',
  'Storey',
  'From',
  'To',
  'Size',
  'Kind',
  'Hand',
  'Fire rating',
  'Exterior',
  'Remarks',
];

/** Operations of doors in models, by the kind of opening; the rest is told in the remark. */
const KINDS: Readonly<Record<string, string>> = {
  SINGLE_SWING_LEFT: 'single',
  SINGLE_SWING_RIGHT: 'single',
  DOUBLE_DOOR_SINGLE_SWING: 'pair',
  DOUBLE_PANEL_SINGLE_SWING: 'pair',
  DOUBLE_DOOR_SINGLE_SWING_OPPOSITE_LEFT: 'double-egress',
  DOUBLE_DOOR_SINGLE_SWING_OPPOSITE_RIGHT: 'double-egress',
  DOUBLE_DOOR_DOUBLE_SWING: 'double-acting-pair',
  DOUBLE_SWING_LEFT: 'double-acting',
  DOUBLE_SWING_RIGHT: 'double-acting',
  SLIDING_TO_LEFT: 'sliding',
  SLIDING_TO_RIGHT: 'sliding',
  FOLDING_TO_LEFT: 'bi-fold',
  FOLDING_TO_RIGHT: 'bi-fold',
};

/**
 * The side of the knuckles. A swing to the left has its hinges left as seen from where the leaf swings away
 * (IfcDoorTypeOperationEnum: viewed along the positive y-axis, into which it opens): right from the knuckle side.
 */
const HANDS: Readonly<Record<string, string>> = {
  SINGLE_SWING_LEFT: 'DIN right',
  SINGLE_SWING_RIGHT: 'DIN left',
};

const UNTOLD: ReadonlySet<string> = new Set(['', 'NOTDEFINED', 'USERDEFINED']);

/** The doors of a model as rows of a list, to be looked at before anything is taken over. */
export function modelCells(doors: readonly ModelDoor[]): string[][] {
  const size = ({ width, height }: ModelDoor) =>
    width && height ? `${Math.round(width * 10) / 10} mm x ${Math.round(height * 10) / 10} mm` : '';
  return [
    HEAD,
    ...doors.map((door) => {
      const { operation, exterior } = door;
      const known = KINDS[operation];
      return [
        door.mark,
        door.storey,
        door.from,
        door.to,
        size(door),
        known ?? '',
        HANDS[operation] ?? '',
        door.rating,
        exterior === undefined ? '' : exterior ? 'yes' : 'no',
        known || UNTOLD.has(operation) ? '' : operation.toLowerCase().replaceAll('_', ' '),
      ];
    }),
  ];
}
