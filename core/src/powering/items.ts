import { itemOf, valueOrUndefined, termKeyBuilder, type Item } from '../model/index.js';
import type { PoweringInput, Powering } from './result.js';
import { ROLE } from '../roles/index.js';

const PATH_ITEMS: Partial<Record<string, string>> = {
  hinge: 'item.power.hinge',
  transfer: 'item.power.transfer',
  loop: 'item.power.loop',
};

const accessItem = termKeyBuilder('item.power.');

/** Adds what releases, feeds and watches an opening to the set. */
export function poweringItems(
  items: Item[],
  { facts, results }: Pick<PoweringInput, 'facts' | 'results'>,
  { loads, access, path }: Powering,
): void {
  const push = (term: string) => items.push(itemOf('powering', term, 1));
  // A lock on its own battery has its reader in it.
  const within = results.securing.spec?.battery === true && access !== 'intercom';
  if (access !== undefined && access !== 'none' && !within) push(accessItem(access));
  const magnets = loads.filter((load) => load === 'magnet').length;
  if (magnets > 0) items.push(itemOf('powering', 'item.power.magnet', magnets));
  const strikes = loads.filter((load) => load === 'strike').length;
  if (strikes > 0) items.push(itemOf('powering', 'item.power.strike', strikes));
  if (loads.includes('sensor')) {
    push('item.power.sensor');
    push('item.power.exitButton');
  }
  if (loads.includes('exit-switch')) push('item.power.exitSwitch');
  // A wire that was recorded has its hinge among the hinges already.
  const way = path && PATH_ITEMS[path];
  const wired = (results.securing.secondSpec?.power ?? 'none') === 'none' ? 1 : 2;
  if (way && !(path === 'hinge' && results.hanging.wireHinge !== undefined))
    items.push(itemOf('powering', way, wired));
  const { role } = results.opening;
  const watched = valueOrUndefined(facts.monitored) ?? (role !== undefined && ROLE[role].watched);
  if (watched && loads.length > 0) push('item.power.contact');
  if (facts.operator === true) push('item.power.operator');
  if (loads.length > 0) push('item.power.supply');
}
