export { solveChain, type Member, type SolvedChain, type SolvedMember } from './chain.js';
export * from './swing.js';
export { nominalOf } from './nominal.js';
export { decideSizing, intendedDevice, type SizedLeaf, type Sizes } from './decide.js';
