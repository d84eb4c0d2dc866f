import {
  ANSWERED,
  ORDER_COLUMNS,
  orderCells,
  PRICE_COLUMNS,
  priceRows,
  reinforcements,
  quantityTakeoff,
  type Keying,
  type KnownSet,
  type ProjectBasis,
  type ScheduledOpening,
  type ScheduleSettings,
  type TakeOffOptions,
  type TakeOffProject,
} from '@riegel/core';
import { numbersOf } from './numbers.js';
import type { Table } from './tables.js';

/** What a take-off is made from. */
export interface TakeOffInput {
  openings: readonly ScheduledOpening[];
  basis: ProjectBasis;
  known: KnownSet[];
  settings: ScheduleSettings;
  keying: Keying | undefined;
}

const projectOf = ({ openings, basis, known, settings, keying }: TakeOffInput): TakeOffProject => ({
  setOf: numbersOf(openings, known, { settings }),
  apart: settings.apart ?? [],
  keying,
  products: basis.products.values(),
});

/** Totals, then what the makers of frames and of leaves prepare, each as a sheet. */
export function takeOffTables(input: TakeOffInput, options: TakeOffOptions): Table[] {
  const { openings, basis } = input;
  const groups = quantityTakeoff(openings, basis.practice, options, projectOf(input));
  const grouped = options.by !== 'all';
  return [
    {
      name: 'Take-off',
      head: [
        ...(grouped ? ['Group'] : []),
        ...ORDER_COLUMNS,
        'Quantity',
        'Unit',
        'Spares',
        'To order',
        'Order unit',
        'Undecided',
        'Openings',
      ],
      rows: groups.flatMap(({ name, lines }) =>
        lines.map((line) => [
          ...(grouped ? [name] : []),
          ...orderCells(line),
          line.quantity,
          line.unit,
          line.spares,
          line.order,
          line.orderUnit,
          line.undecided,
          line.openings
            .map(({ mark, quantity }) => (quantity === 1 ? mark : `${mark} (${quantity})`))
            .join(', '),
        ]),
      ),
    },
    ...(['frame', 'leaf'] as const).map((on): Table => ({
      name: on === 'frame' ? 'Frames, reinforcement' : 'Leaves, templates',
      head: [
        'Mark',
        'Leaf',
        'Member',
        'For',
        'Number',
        on === 'frame' ? 'From the head' : 'From the leaf’s top',
        'High × across × deep',
      ],
      rows: openings.flatMap(({ decided }) =>
        reinforcements(decided, on).map((one) => [
          one.mark,
          one.leaf,
          one.member,
          one.thing,
          one.count,
          one.places,
          one.size,
        ]),
      ),
    })),
  ];
}

/** A request for prices: what is ordered, and columns to answer in. */
export function priceTable(input: TakeOffInput, options: TakeOffOptions): Table {
  const { openings, basis } = input;
  const groups = quantityTakeoff(
    openings,
    basis.practice,
    { ...options, by: 'all' },
    projectOf(input),
  );
  return {
    name: 'Prices',
    head: [...PRICE_COLUMNS],
    rows: priceRows(groups),
    answered: ANSWERED,
  };
}
