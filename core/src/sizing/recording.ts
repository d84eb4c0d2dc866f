import type { SizingRecord } from './decisions.js';
import { valueOrUndefined, message, type Basis, type Message } from '../model/index.js';
import { memberOf, type SolvedChain, type SolvedFrom } from './chain.js';
import type { ChainNote, ChainRun } from './stacks.js';

const BASIS: Record<SolvedFrom, (record: SizingRecord, fact: string) => Basis> = {
  fixed: (record, fact) => record.basisOf(fact),
  usual: () => 'derived',
  chain: () => 'derived',
};

/** Records a chain’s members as decisions, each with its basis and the sum it follows from. */
export function recordChain(record: SizingRecord, run: ChainRun, axis: 'width' | 'height'): void {
  const { result, totalFact } = run;
  if (!result.solved) {
    openChain(record, run, axis, result);
    return;
  }
  record.decide(totalFact, result.total, {
    basis: run.totalWhy ? 'derived' : BASIS[result.totalFrom](record, totalFact),
    reasons: () =>
      run.totalWhy
        ? [run.totalWhy()]
        : result.totalFrom === 'chain'
          ? [message('sizing.frame.fromLeaf')]
          : [],
    facts: [totalFact],
  });
  for (const note of run.members) {
    const member = memberOf(result, note.key)!;
    record.decide(note.name, member.each[member.each.length - 1]!, {
      basis: BASIS[member.from](record, note.fact),
      reasons: () => memberReasons(axis, result, note, member.from),
      facts: [note.fact],
      leaf: note.leaf,
    });
  }
}

function memberReasons(
  axis: 'width' | 'height',
  chain: SolvedChain & { solved: true },
  { key, name, why }: ChainNote,
  from: SolvedFrom,
): Message[] {
  if (from === 'usual') return why ? [why()] : [];
  if (from === 'fixed') return [];
  const sum = chainReason(axis, chain, key);
  return why && name === 'leafWidth' ? [sum, why()] : [sum];
}

/** The sum with its figures: `frame opening 36 − 1/8 − 1/8`. */
function chainReason(
  axis: 'width' | 'height',
  chain: SolvedChain & { solved: true },
  key: string,
): Message {
  const params: Message['params'] = {
    total: { ticks: chain.total },
    times: memberOf(chain, key)!.each.length,
  };
  const others = chain.members.filter((m) => m.key !== key && m.each.some((t) => t !== 0));
  others.forEach((member, index) => {
    params[`m${index}`] = { ticks: member.each.reduce((a, b) => a + b, 0) };
    params[`n${index}`] = { term: `part.${member.key}` };
  });
  params['parts'] = others.length;
  // A sentence of any number of members: `phrasing` puts it together.
  return { code: `sizing.chain.${axis}`, params };
}

function openChain(
  record: SizingRecord,
  run: ChainRun,
  axis: 'width' | 'height',
  result: SolvedChain & { solved: false },
): void {
  const facts = [run.totalFact, ...run.members.map((note) => note.fact)];
  if (result.missing.length === 0) {
    record.report(
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
  const recorded = record.fact(run.totalFact);
  const needsMaterial =
    valueOrUndefined(record.facts.frameMaterial) === undefined &&
    result.missing.includes('undercut');
  const question = needsMaterial
    ? 'ask.frameMaterial'
    : recorded !== undefined && result.missing.includes('thresholdHeight')
      ? 'ask.thresholdHeight'
      : recorded !== undefined && result.missing.includes('activeWidth')
        ? 'ask.activeWidth'
        : (`ask.${axis}` as const);
  const asked = needsMaterial ? ['frameMaterial'] : facts;
  if (recorded !== undefined) {
    record.decide(run.totalFact, recorded, {
      basis: record.basisOf(run.totalFact),
      facts: [run.totalFact],
    });
  }
  for (const note of run.members) {
    if (note.name !== 'leafWidth' && note.name !== 'leafHeight') continue;
    record.ask(note.name, question, asked, { leaf: note.leaf });
  }
}
