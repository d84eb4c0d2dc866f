import type { Product } from '../../product.js';
import { besideLocks } from './beside.js';
import { boredLocks } from './bored.js';
import { casedLocks } from './cased.js';
import { exitDevices } from './exits.js';
import { faceLocks } from './onFace.js';

/** Locks, and what goes with them. */
export function locks(): Product[] {
  return [...boredLocks(), ...casedLocks(), ...faceLocks(), ...exitDevices(), ...besideLocks()];
}
