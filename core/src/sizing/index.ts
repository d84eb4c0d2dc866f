export { solveChain, type Member, type SolvedChain, type SolvedMember } from './chain.js';
export * from './swing.js';
export { nominalOf } from './nominal.js';
export { decideSizing } from './decide.js';
export { intendedDevice, type SizedLeaf, type Sizes } from './sizes.js';
