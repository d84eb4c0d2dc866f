// Holds many made openings against people at a door: no danger without its finding, no finding without its danger;
// and times what the laws add to deciding an opening.
//   OPENINGS=200000 SEED=7 npm run bench:people
import { decideOpening } from '../../core/src/deciding/index.js';
import { holdLaws } from '../../core/src/laws/index.js';
import { PRACTICE_IDS, type PracticeId } from '../../core/src/practice/index.js';
import { projectBasis } from '../../core/src/project/index.js';
import { finalStateFor } from '../../core/src/testing/finalState.js';
import { madeOpening, numbersFrom } from '../../core/src/testing/madeOpening.js';
import { compared, dangersAt } from '../../core/src/testing/peopleAtDoor.js';

const count = Number(process.env['OPENINGS'] ?? 200_000);
const seed = Number(process.env['SEED'] ?? 7);
const bases = Object.fromEntries(PRACTICE_IDS.map((id) => [id, projectBasis(id)]));
const basisOf = (practice: PracticeId) => bases[practice]!;

const numbers = numbersFrom(seed);
const seen = new Map<string, number>();
let silent = 0;
let noise = 0;
for (let at = 0; at < count; at++) {
  const { facts, practice } = madeOpening(numbers, basisOf);
  const decided = decideOpening(facts, basisOf(practice), { explain: false });
  for (const danger of dangersAt(decided)) seen.set(danger, (seen.get(danger) ?? 0) + 1);
  const { missed, untrue } = compared(decided);
  silent += missed.length;
  noise += untrue.length;
  for (const one of [...missed, ...untrue]) console.log(one, practice, JSON.stringify(facts));
}
console.log(`${count} openings, seed ${seed}: ${silent} dangers silent, ${noise} findings untrue`);
for (const [danger, times] of seen) console.log(`  ${danger}: ${times}`);

const again = numbersFrom(seed);
const states = Array.from({ length: 4000 }, () => {
  const { facts, practice } = madeOpening(again, basisOf);
  return finalStateFor(facts, basisOf(practice));
});
for (let round = 0; round < 5; round++) for (const of of states) holdLaws(of());
const start = performance.now();
for (let round = 0; round < 10; round++) for (const of of states) holdLaws(of());
const each = ((performance.now() - start) * 1000) / (states.length * 10);
console.log(`laws: ${each.toFixed(1)} µs an opening`);
if (silent + noise > 0) process.exitCode = 1;
