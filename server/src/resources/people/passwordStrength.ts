import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';

/** Guessing takes the weigher ever longer with length; what is beyond cannot make a word weaker. */
const WEIGHED = 64;

/** Of 0 to 4; 3 is what the weigher calls safely unguessable. */
const LEAST_SCORE = 3;

let factory: ZxcvbnFactory | undefined;
let common: Set<string> | undefined;

/**
 * Says why a password cannot be taken, or nothing: it is among those that are tried first, or it is
 * guessed too easily, also from the person's own name and address.
 */
export function passwordStrength({
  password,
  own,
}: {
  password: string;
  own: string[];
}): string | undefined {
  const words = dictionary as unknown as Record<string, (string | number)[]>;
  common ??= new Set(words['passwords-common']!.map(String));
  if (common.has(password.toLowerCase()))
    return 'This password is among those that are tried first. Choose another.';
  factory ??= new ZxcvbnFactory({ dictionary: dictionary as never, graphs: adjacencyGraphs });
  const inputs = own
    .map((text) => text.toLowerCase())
    .flatMap((text) => [text, ...text.split(/[^\p{L}\p{N}]+/u)])
    .filter(Boolean);
  const { score } = factory.check(password.toLowerCase().slice(0, WEIGHED), [...inputs, 'riegel']);
  return score < LEAST_SCORE
    ? 'This password is guessed too easily. Take several words that have nothing to do with each other or with you.'
    : undefined;
}
