import { toast } from 'sonner';
import {
  changesBetween,
  partsText,
  valueParts,
  type DecidedOpening,
  type OpeningFacts,
  type Units,
} from '@riegel/core';
import { askCore, coreFailed } from '../worker/client.js';
import type { BasisData } from '../worker/basis.js';
import { decisionName } from '../base/words.js';

/** So many changes are named; the rest are counted. */
const NAMED = 6;

/** Tells what another role changes, as it is taken: which decisions come out otherwise. */
export function tellRoleChanges(
  before: DecidedOpening,
  facts: OpeningFacts,
  basis: BasisData,
  units: Units,
): void {
  askCore(basis, (core) => core.decide(facts))
    .then((light) => {
      const after = { ...light, practice: before.practice };
      const changes = changesBetween(before, after).filter(({ key }) => key !== 'opening.role');
      const named = changes.slice(0, NAMED).map(({ stage, name, before: was, after: is }) => {
        const text = (value: typeof was) => (value ? partsText(valueParts(value, units)) : '–');
        return `${decisionName(stage, name)}: ${text(was)} → ${text(is)}`;
      });
      const more = changes.length - named.length;
      toast(
        changes.length === 0
          ? 'Another role: nothing that was decided changes.'
          : `Another role changes ${changes.length} decision${changes.length === 1 ? '' : 's'}`,
        {
          description: [...named, ...(more > 0 ? [`and ${more} more`] : [])].join(' · '),
          duration: 9000,
        },
      );
    })
    .catch(coreFailed);
}
