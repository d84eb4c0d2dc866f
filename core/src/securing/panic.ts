import { valueOrUndefined, message, type OpeningFacts, type Message } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { isForMany, isUncounted } from '../role/index.js';
import { type Role, ROLE } from '../roles/index.js';

/** Whether a way out takes panic hardware, and why. */
export interface Panic {
  /** `perhaps` while occupancy or number of people is not known and may be one that asks for it. */
  wanted: 'yes' | 'perhaps' | 'no';
  why: () => Message;
  source: string;
}

const NO: Panic = { wanted: 'no', why: () => message('securing.panic.no'), source: '' };

/**
 * Whether panic hardware is asked for where the leaf has a latch or a lock: by the people and what the
 * rooms are used for (IBC 1010.2.9, NFPA 101, Approved Document B), or by the electrical equipment in the
 * room (NFPA 70, 110.26). An occupancy that is not known is not “no”, nor is that of the building for a room in
 * which so many gather (IBC 303.1.2: fewer than 50).
 */
export function panicOf(facts: OpeningFacts, { values }: Practice, role: Role | undefined): Panic {
  if (valueOrUndefined(facts.egress) === false) return NO;
  const amperes = valueOrUndefined(facts.amperes) ?? 0;
  const electrical = values.electricalPanic.value;
  if (electrical > 0 && amperes >= electrical)
    return {
      wanted: 'yes',
      why: () => message('securing.panic.electrical', { amperes, from: electrical }),
      source: values.electricalPanic.source,
    };
  const occupancy = valueOrUndefined(facts.occupancy);
  const people = valueOrUndefined(facts.occupants);
  const { source } = values.panicPeople;
  if (occupancy) {
    const from = values.panicPeople.value[occupancy];
    const gathering = values.panicPeople.value.assembly;
    if (
      from === 0 &&
      role &&
      ROLE[role].escape.gathering &&
      people !== undefined &&
      people >= gathering
    )
      return {
        wanted: 'perhaps',
        why: () =>
          message('securing.panic.gathering', {
            people,
            occupancy: { term: `occupancy.${occupancy}` },
            from: gathering,
          }),
        source,
      };
    if (from > 0 && isUncounted(facts, role))
      return {
        wanted: 'perhaps',
        why: () =>
          message('securing.panic.uncounted', {
            occupancy: { term: `occupancy.${occupancy}` },
            from,
          }),
        source,
      };
    const enough = occupancy === 'high-hazard' || (people ?? 0) >= from;
    if (from === 0 || !enough) return NO;
    return {
      wanted: 'yes',
      why: () =>
        message('securing.panic.people', {
          people: people ?? 1,
          occupancy: { term: `occupancy.${occupancy}` },
          from,
        }),
      source,
    };
  }
  // A pair is there for many: nobody has said that they are few.
  if (people === undefined && role && isForMany(facts, role))
    return {
      wanted: 'perhaps',
      why: () => message('securing.panic.unknown', { from: values.panicFrom.value }),
      source,
    };
  if (people === undefined || people < values.panicFrom.value) return NO;
  return {
    wanted: 'perhaps',
    why: () => message('securing.panic.perhaps', { people, from: values.panicFrom.value }),
    source,
  };
}
