import { useState } from 'react';
import type { LockSpec, Works } from '@riegel/core';
import { CheckBox } from '../../../parts/CheckBox.js';
import { Fold } from '../../../parts/Fold.js';
import { Labelled } from '../../../parts/Labelled.js';
import { Select } from '../../../parts/Select.js';

const CHOICES: {
  name: 'latch' | 'outsideHandle' | 'insideHandle' | 'power';
  title: string;
  values: [string, string][];
}[] = [
  {
    name: 'latch',
    title: 'Latch',
    values: [
      ['none', 'none'],
      ['spring', 'spring'],
      ['dead-latching', 'with dead-latch pin'],
      ['roller', 'roller'],
    ],
  },
  {
    name: 'outsideHandle',
    title: 'Handle outside',
    values: [
      ['moves', 'moves'],
      ['rigid', 'rigid'],
      ['none', 'none'],
    ],
  },
  {
    name: 'insideHandle',
    title: 'Handle inside',
    values: [
      ['moves', 'moves'],
      ['rigid', 'rigid'],
      ['none', 'none'],
    ],
  },
  {
    name: 'power',
    title: 'Power',
    values: [
      ['none', 'none'],
      ['fail-secure', 'blocked without it'],
      ['fail-safe', 'free without it'],
    ],
  },
];

const FLAGS: [
  (
    | 'bolt'
    | 'handleDrawsBolt'
    | 'insideButton'
    | 'edgeStops'
    | 'boltsOnClosing'
    | 'startsBlocked'
    | 'emergency'
    | 'delayed'
    | 'battery'
  ),
  string,
][] = [
  ['bolt', 'Dead bolt'],
  ['handleDrawsBolt', 'Inside handle draws the bolt too'],
  ['insideButton', 'Button inside'],
  ['edgeStops', 'Stops in the edge'],
  ['boltsOnClosing', 'Closing throws the bolt'],
  ['startsBlocked', 'Outside blocked until freed'],
  ['emergency', 'Emergency tool'],
  ['delayed', 'Lets out only after a delay'],
  ['battery', 'Runs on a battery of its own'],
];

const WORKS: [Works, string][] = [
  ['latch', 'latch'],
  ['bolt', 'bolt'],
  ['outside', 'outside handle'],
  ['inside', 'inside handle'],
];

const HOLDS: [LockSpec['heldBackBy'][number], string][] = [
  ['inside', 'snib or dogging inside'],
  ['outside-key', 'key outside'],
];

const WORKERS: ['outsideKey' | 'insideKey' | 'outsideTurn' | 'insideTurn', string][] = [
  ['outsideKey', 'Key outside works'],
  ['insideKey', 'Key inside works'],
  ['outsideTurn', 'Turn outside works'],
  ['insideTurn', 'Turn inside works'],
];

/** A function changed to be tried: what each side has and does; all that follows is found anew. */
export function LockComposer({
  spec,
  changed,
  onSpec,
  onBack,
  onKeep,
}: {
  spec: LockSpec;
  changed: boolean;
  onSpec: (spec: LockSpec) => void;
  onBack: () => void;
  /** Keeps it in the project under a name; absent where nobody may. */
  onKeep?: ((name: string) => void) | undefined;
}) {
  const [name, setName] = useState('');
  return (
    <Fold name="Change it">
      <div className="mt-1 grid grid-cols-2 gap-2">
        {CHOICES.map(({ name, title, values }) => (
          <Labelled key={name} label={title}>
            <Select
              label={title}
              value={spec[name]}
              onChange={(value) => onSpec({ ...spec, [name]: value })}
              options={values.map(([value, text]) => ({ value, text }))}
            />
          </Labelled>
        ))}
      </div>
      <div className="mt-2 grid grid-cols-2 gap-x-3">
        {FLAGS.map(([name, title]) => (
          <CheckBox
            key={name}
            className="text-[13px]"
            checked={spec[name]}
            onChange={(on) => onSpec({ ...spec, [name]: on })}
          >
            {title}
          </CheckBox>
        ))}
      </div>
      {WORKERS.map(([name, title]) => (
        <Chosen
          key={name}
          title={title}
          values={WORKS}
          chosen={spec[name]}
          onChange={(next) => onSpec({ ...spec, [name]: next })}
        />
      ))}
      <Chosen
        title="Latch held back by"
        values={HOLDS}
        chosen={spec.heldBackBy}
        onChange={(heldBackBy) => onSpec({ ...spec, heldBackBy })}
      />
      {changed && (
        <div className="mt-2 flex flex-wrap items-center gap-2">
          <button type="button" className="button" onClick={onBack}>
            As it was
          </button>
          {onKeep && (
            <>
              <input
                className="field w-44"
                aria-label="Name of the function"
                placeholder="what it shall be called"
                value={name}
                maxLength={80}
                onChange={(event) => setName(event.target.value)}
              />
              <button
                type="button"
                className="button primary"
                disabled={!name.trim()}
                onClick={() => onKeep(name.trim())}
              >
                Keep it in the project
              </button>
            </>
          )}
        </div>
      )}
    </Fold>
  );
}

/** Any of a few. */
function Chosen<T extends string>({
  title,
  values,
  chosen,
  onChange,
}: {
  title: string;
  values: readonly (readonly [T, string])[];
  chosen: readonly T[];
  onChange: (next: readonly T[]) => void;
}) {
  return (
    <fieldset className="mt-1 flex flex-wrap items-center gap-x-3 text-[13px]">
      <legend className="text-[12px] text-soft">{title}</legend>
      {values.map(([value, words]) => (
        <CheckBox
          key={value}
          checked={chosen.includes(value)}
          onChange={(on) =>
            onChange(on ? [...chosen, value] : chosen.filter((one) => one !== value))
          }
        >
          {words}
        </CheckBox>
      ))}
    </fieldset>
  );
}
