import type { Settling } from '../opening/index.js';
import { length, said, type Basis, type Said } from '../opening/index.js';
import type { SolvedChain, SolvedFrom } from './chain.js';
import type { ChainRun } from './stacks.js';

const BASIS: Record<SolvedFrom, (settling: Settling, fact: string) => Basis> = {
  fixed: (settling, fact) => settling.basisOf(fact),
  usual: () => 'derived',
  chain: () => 'derived',
};

/** Records a chain’s members as decisions, each with its basis and the sum it follows from. */
export function recordChain(settling: Settling, run: ChainRun, axis: 'width' | 'height'): void {
  const { result, totalFact } = run;
  if (!result.solved) {
    openChain(settling, run, axis, result);
    return;
  }
  settling.fix(totalFact, length(result.total), {
    basis: run.totalWhy ? 'derived' : BASIS[result.totalFrom](settling, totalFact),
    reasons: run.totalWhy
      ? [run.totalWhy]
      : result.totalFrom === 'chain'
        ? [said('sizing.frame.fromLeaf', {})]
        : [],
    facts: [totalFact],
  });
  for (const note of run.members) {
    const member = result.members.get(note.key)!;
    const name = note.key.replace(/^(active|inactive|upper|lower)(Width|Height)$/, 'leaf$2');
    const reasons: Said[] = [];
    if (member.from === 'usual' && note.why) reasons.push(note.why);
    if (member.from === 'chain') {
      reasons.push(chainReason(axis, result, note.key));
      if (note.why && name === 'leafWidth') reasons.push(note.why);
    }
    settling.fix(name, length(member.each[member.each.length - 1]!, note.rounding), {
      basis: BASIS[member.from](settling, note.fact),
      reasons,
      facts: [note.fact],
      leaf: note.leaf,
    });
  }
}

/** The sum with its figures: `frame opening 36 − 1/8 − 1/8`. */
function chainReason(
  axis: 'width' | 'height',
  chain: SolvedChain & { solved: true },
  key: string,
): Said {
  const params: Said['params'] = {
    total: { ticks: chain.total },
    times: chain.members.get(key)!.each.length,
  };
  const others = [...chain.members.values()].filter(
    (m) => m.key !== key && m.each.some((t) => t !== 0),
  );
  others.forEach((member, index) => {
    params[`m${index}`] = { ticks: member.each.reduce((a, b) => a + b, 0) };
    params[`n${index}`] = { term: `part.${member.key}` };
  });
  params['parts'] = others.length;
  return said(`sizing.chain.${axis}`, params);
}

function openChain(
  settling: Settling,
  run: ChainRun,
  axis: 'width' | 'height',
  result: SolvedChain & { solved: false },
): void {
  const facts = [run.totalFact, ...run.members.map((note) => note.fact)];
  if (result.missing.length === 0) {
    settling.find(
      'stop',
      'sizing.doesNotClose',
      {
        axis: { term: `axis.${axis}` },
        excess: { ticks: Math.abs(result.excess) },
        direction: { term: result.excess > 0 ? 'direction.over' : 'direction.under' },
      },
      'arithmetic of the recorded figures',
      facts,
    );
  }
  const recorded = settling.fact(run.totalFact);
  const needsMaterial =
    settling.fact('frameMaterial') === undefined && result.missing.includes('undercut');
  const question = needsMaterial
    ? said('ask.frameMaterial')
    : recorded !== undefined && result.missing.includes('thresholdHeight')
      ? said('ask.thresholdHeight')
      : recorded !== undefined && result.missing.includes('activeWidth')
        ? said('ask.activeWidth')
        : said(`ask.${axis}`, {});
  const asked = needsMaterial ? ['frameMaterial'] : facts;
  if (recorded !== undefined) {
    settling.fix(run.totalFact, length(recorded), {
      basis: settling.basisOf(run.totalFact),
      facts: [run.totalFact],
    });
  }
  const leafNames = run.members.filter(
    (note) => /(Width|Height)$/.test(note.key) && note.key !== 'thresholdHeight',
  );
  for (const note of leafNames) {
    const name = note.key.replace(/^(active|inactive|upper|lower)(Width|Height)$/, 'leaf$2');
    settling.open(name, question, asked, { leaf: note.leaf });
  }
}
