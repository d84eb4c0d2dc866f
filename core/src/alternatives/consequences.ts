import { message, type Finding, type Message } from '../model/index.js';
import type { DecidedOpening } from '../deciding/index.js';
import type { Found } from './search.js';
import { sealTerm, springs, type Assignment } from './constraints.js';

/** What an alternative comes to against today, for the specifier and for those who make the parts. */
export interface Consequences {
  /** What changes at frame, strike, seals and preparation. */
  changes: Message[];
  /** What must be asked of the leaf's and the closer's maker. */
  asks: Message[];
  /** Findings that go, and those that come. */
  gone: Finding[];
  fresh: Finding[];
}

const CONCEALED = ['concealed', 'adjustable-concealed', 'spring-concealed'];

/** What taking an alternative changes, and what has to be asked before it is ordered. */
export function consequencesOf(
  alternative: Found,
  today: DecidedOpening,
  was: Assignment,
): Consequences {
  const { choice, changed, decided } = alternative;
  const changes: Message[] = [];
  const asks: Message[] = [];
  if (changed.includes('device'))
    changes.push(
      message('alternatives.hang', {
        from: { term: `device.${was.device}` },
        to: { term: `device.${choice.device}` },
      }),
    );
  if (changed.includes('frameKind')) {
    changes.push(
      message(
        choice.frameKind === 'rebated'
          ? 'alternatives.frame.rebated'
          : 'alternatives.frame.stopless',
      ),
      message('alternatives.strike'),
    );
    changes.push(
      message(
        choice.frameKind === 'rebated'
          ? 'alternatives.seals.ordinary'
          : 'alternatives.seals.difficult',
      ),
    );
  }
  if (changed.includes('foot') || (changed.includes('device') && choice.device === 'offset-pivot'))
    changes.push(
      message(choice.foot === 'jamb' ? 'alternatives.foot.jamb' : 'alternatives.foot.floor'),
    );
  if (choice.device === 'offset-pivot' && choice.seal !== 'drop-full')
    changes.push(message('alternatives.offset.full'));
  if (changed.includes('closer'))
    changes.push(
      message('alternatives.closer', {
        from: { term: `closer.${was.closer}` },
        to: { term: `closer.${choice.closer}` },
      }),
    );
  if (changed.includes('seal'))
    changes.push(
      message('alternatives.seal', {
        from: { term: sealTerm(was.seal) },
        to: { term: sealTerm(choice.seal) },
      }),
    );
  if (choice.seal === 'threshold') changes.push(message('alternatives.threshold'));
  if (changed.includes('lockKind'))
    changes.push(
      message('alternatives.lock', {
        from: { term: `lockKind.${String(was.lockKind)}` },
        to: { term: `lockKind.${String(choice.lockKind)}` },
      }),
    );
  // The plunger of a drop seal rubs along an arc where the leaf turns inside its own thickness.
  if (choice.device === 'centre-pivot' && choice.seal.startsWith('drop'))
    changes.push(message('alternatives.actuator'));
  const recesses = decided.solids.filter((one) => one.on === 'leaf' && one.how === 'in').length;
  if (CONCEALED.includes(choice.device)) {
    if (recesses > 0) asks.push(message('alternatives.ask.leaf', { count: recesses }));
    if (choice.closer !== 'none') asks.push(message('alternatives.ask.template'));
  }
  if (choice.seal === 'drop-full' && !CONCEALED.includes(choice.device))
    asks.push(message('alternatives.ask.seal'));
  if (choice.closer === 'floor') asks.push(message('alternatives.ask.floor'));
  if (choice.closer === 'concealed-overhead' && !CONCEALED.includes(choice.device))
    asks.push(message('alternatives.ask.closer'));
  if (springs(choice.device)) asks.push(message('alternatives.ask.springs'));
  const key = (finding: Finding) => `${finding.code} ${finding.parts.join(' ')}`;
  const before = new Set(today.findings.map(key));
  const after = new Set(decided.findings.map(key));
  return {
    changes,
    asks,
    gone: today.findings.filter((one) => !after.has(key(one))),
    fresh: decided.findings.filter((one) => !before.has(key(one))),
  };
}
