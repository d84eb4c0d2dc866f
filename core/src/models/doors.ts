import { isWholeStep, stepEntities, type StepEntity, type StepValue } from './step.js';

/** A door of a building model. */
export interface ModelDoor {
  /** Number of its entity, and its identifier for ever. */
  id: number;
  guid: string;
  /** Its owner history, as the file has it. */
  owner: number | undefined;
  mark: string;
  storey: string;
  /** Names of the rooms on its sides, as far as the model has them. */
  from: string;
  to: string;
  /** Millimetres. */
  width: number | undefined;
  height: number | undefined;
  operation: string;
  rating: string;
  exterior: boolean | undefined;
}

export interface ModelRead {
  /** `IFC4`, `IFC2X3`, … */
  schema: string;
  doors: ModelDoor[];
  /** The highest number of an entity. */
  last: number;
}

/** Why a model is not read. */
export type ModelFault = 'cut' | 'schema' | 'none';

const TYPES: ReadonlySet<string> = new Set([
  'IFCDOOR',
  'IFCDOORSTANDARDCASE',
  'IFCDOORSTYLE',
  'IFCDOORTYPE',
  'IFCRELDEFINESBYTYPE',
  'IFCRELDEFINESBYPROPERTIES',
  'IFCPROPERTYSET',
  'IFCPROPERTYSINGLEVALUE',
  'IFCRELSPACEBOUNDARY',
  'IFCRELSPACEBOUNDARY1STLEVEL',
  'IFCRELSPACEBOUNDARY2NDLEVEL',
  'IFCSPACE',
  'IFCBUILDINGSTOREY',
  'IFCRELCONTAINEDINSPATIALSTRUCTURE',
  'IFCUNITASSIGNMENT',
  'IFCSIUNIT',
  'IFCCONVERSIONBASEDUNIT',
]);

const SCHEMA = /FILE_SCHEMA\s*\(\s*\(\s*'(IFC2X3|IFC4[A-Z0-9_]*)/i;

const refOf = (value: StepValue | undefined): number | undefined =>
  value !== null && typeof value === 'object' && 'ref' in value ? value.ref : undefined;
const refsOf = (value: StepValue | undefined): number[] =>
  Array.isArray(value) ? value.flatMap((one) => refOf(one) ?? []) : [];
const textOf = (value: StepValue | undefined): string =>
  typeof value === 'string' ? value.trim() : typeof value === 'number' ? String(value) : '';
const wordOf = (value: StepValue | undefined): string =>
  value !== null && typeof value === 'object' && 'word' in value ? value.word : '';

/** Millimetres of a unit. */
const PREFIX: Readonly<Record<string, number>> = { MILLI: 1, CENTI: 10, DECI: 100, '': 1000 };
const CONVERTED: Readonly<Record<string, number>> = { INCH: 25.4, FOOT: 304.8, YARD: 914.4 };

/**
 * The doors of an IFC4 or IFC2x3 file, with storey, rooms, size, operation, rating and whether they stand in an
 * outer wall; what their type says holds where they do not say it themselves.
 */
export function readModelDoors(text: string): ModelRead | ModelFault {
  if (!isWholeStep(text)) return 'cut';
  const schema = SCHEMA.exec(text.slice(0, 20_000))?.[1]?.toUpperCase();
  if (!schema) return 'schema';
  const byType = new Map<string, StepEntity[]>();
  let last = 0;
  for (const entity of stepEntities(text, TYPES)) {
    const list = byType.get(entity.type);
    if (list) list.push(entity);
    else byType.set(entity.type, [entity]);
  }
  for (const [, id] of text.matchAll(/(?:^|;)\s*#(\d+)\s*=/g)) last = Math.max(last, Number(id));
  const all = (...types: string[]) => types.flatMap((type) => byType.get(type) ?? []);
  const found = all('IFCDOOR', 'IFCDOORSTANDARDCASE');
  if (found.length === 0) return 'none';
  const millimetres = lengthUnit(all);
  const properties = propertiesOf(all);
  const typeOf = new Map<number, StepEntity>();
  const types = new Map(all('IFCDOORSTYLE', 'IFCDOORTYPE').map((one) => [one.id, one]));
  for (const { values } of all('IFCRELDEFINESBYTYPE')) {
    const type = types.get(refOf(values[5]) ?? -1);
    if (type) for (const id of refsOf(values[4])) typeOf.set(id, type);
  }
  const storeys = new Map(all('IFCBUILDINGSTOREY').map(({ id, values }) => [id, nameOf(values)]));
  const storeyOf = new Map<number, string>();
  for (const { values } of all('IFCRELCONTAINEDINSPATIALSTRUCTURE')) {
    const storey = storeys.get(refOf(values[5]) ?? -1);
    if (storey !== undefined) for (const id of refsOf(values[4])) storeyOf.set(id, storey);
  }
  const rooms = roomsOf(all);
  return {
    schema,
    last,
    doors: found.map(({ id, values }): ModelDoor => {
      const type = typeOf.get(id);
      const of = (name: string) =>
        properties.get(id)?.get(name) ?? (type && typeProperties(type, properties).get(name));
      const [from = '', to = ''] = twoRooms(rooms.get(id) ?? []);
      const length = (value: StepValue | undefined) =>
        typeof value === 'number' && value > 0 ? value * millimetres : undefined;
      const external = of('IsExternal');
      return {
        id,
        guid: textOf(values[0]),
        owner: refOf(values[1]),
        mark: textOf(values[7]) || textOf(of('Reference')) || textOf(values[2]),
        storey: storeyOf.get(id) ?? '',
        from,
        to,
        height: length(values[8]),
        width: length(values[9]),
        operation: wordOf(values[11]) || operationOf(type),
        rating: textOf(of('FireRating')),
        exterior: typeof external === 'boolean' ? external : undefined,
      };
    }),
  };
}

/** A door style has its operation ninth, a door type eleventh. */
const operationOf = (type: StepEntity | undefined): string =>
  type ? wordOf(type.values[type.type === 'IFCDOORSTYLE' ? 8 : 10]) : '';

const nameOf = (values: readonly StepValue[]): string => textOf(values[7]) || textOf(values[2]);

function lengthUnit(all: (...types: string[]) => StepEntity[]): number {
  const assigned = new Set(all('IFCUNITASSIGNMENT').flatMap(({ values }) => refsOf(values[0])));
  for (const { id, values } of all('IFCSIUNIT'))
    if (assigned.has(id) && wordOf(values[1]) === 'LENGTHUNIT')
      return PREFIX[wordOf(values[2])] ?? 1000;
  for (const { id, values } of all('IFCCONVERSIONBASEDUNIT'))
    if (assigned.has(id) && wordOf(values[1]) === 'LENGTHUNIT')
      return CONVERTED[textOf(values[2]).toUpperCase()] ?? 1000;
  return 1000;
}

type Properties = Map<number, Map<string, StepValue>>;

/** Single values of the sets of each thing; sets of types by the number of the set. */
function propertiesOf(all: (...types: string[]) => StepEntity[]): Properties {
  const single = new Map(
    all('IFCPROPERTYSINGLEVALUE').map(({ id, values }) => [
      id,
      [textOf(values[0]), values[2] ?? null] as const,
    ]),
  );
  const sets = new Map(
    all('IFCPROPERTYSET').map(({ id, values }) => [
      id,
      new Map(
        refsOf(values[4]).flatMap((one) => {
          const property = single.get(one);
          return property ? [property] : [];
        }),
      ),
    ]),
  );
  const of: Properties = new Map(sets);
  for (const { values } of all('IFCRELDEFINESBYPROPERTIES')) {
    const set = sets.get(refOf(values[5]) ?? -1);
    if (!set) continue;
    for (const id of refsOf(values[4])) of.set(id, new Map([...(of.get(id) ?? []), ...set]));
  }
  return of;
}

const typeProperties = ({ values }: StepEntity, properties: Properties): Map<string, StepValue> =>
  new Map(refsOf(values[5]).flatMap((set) => [...(properties.get(set) ?? [])]));

/** The rooms that a door bounds, in the order of the file. */
function roomsOf(all: (...types: string[]) => StepEntity[]): Map<number, string[]> {
  const spaces = new Map(all('IFCSPACE').map(({ id, values }) => [id, roomName(values)]));
  const rooms = new Map<number, string[]>();
  for (const { values } of all(
    'IFCRELSPACEBOUNDARY',
    'IFCRELSPACEBOUNDARY1STLEVEL',
    'IFCRELSPACEBOUNDARY2NDLEVEL',
  )) {
    const room = spaces.get(refOf(values[4]) ?? -1);
    const element = refOf(values[5]);
    if (!room || element === undefined) continue;
    const list = rooms.get(element) ?? [];
    if (!list.includes(room)) rooms.set(element, [...list, room]);
  }
  return rooms;
}

/** `Office 214`: what a room is called, and its number where that is not in it. */
function roomName(values: readonly StepValue[]): string {
  const [number, name] = [textOf(values[2]), textOf(values[7])];
  return name && number && !name.includes(number) ? `${name} ${number}` : name || number;
}

/** A room that people pass through comes first: doors are named after the room they lead to. */
function twoRooms(rooms: readonly string[]): string[] {
  if (rooms.length === 1) return ['', rooms[0]!];
  const passed = /corridor|hall|lobby|foyer|circulation|flur|gang|diele|treppe|stair/i;
  const [one = '', two = ''] = rooms;
  return passed.test(two) && !passed.test(one) ? [two, one] : [one, two];
}
