import { useState } from 'react';
import type { LockSpec, Works } from '@riegel/core';

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
];

const WORKS: [Works, string][] = [
  ['latch', 'latch'],
  ['bolt', 'bolt'],
  ['outside', 'outside handle'],
  ['inside', 'inside handle'],
];

const WORKERS: ['outsideKey' | 'insideKey' | 'insideTurn', string][] = [
  ['outsideKey', 'Key outside works'],
  ['insideKey', 'Key inside works'],
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
    <details className="mt-3">
      <summary className="cursor-pointer text-[12px] text-soft">Change it</summary>
      <div className="mt-1 grid grid-cols-2 gap-2">
        {CHOICES.map(({ name, title, values }) => (
          <label key={name} className="text-[12px] text-soft">
            {title}
            <select
              className="field w-full text-ink"
              value={spec[name]}
              onChange={(event) => onSpec({ ...spec, [name]: event.target.value })}
            >
              {values.map(([value, words]) => (
                <option key={value} value={value}>
                  {words}
                </option>
              ))}
            </select>
          </label>
        ))}
      </div>
      <div className="mt-2 grid grid-cols-2 gap-x-3">
        {FLAGS.map(([name, title]) => (
          <label key={name} className="flex items-center gap-1.5 text-[13px]">
            <input
              type="checkbox"
              checked={spec[name]}
              onChange={(event) => onSpec({ ...spec, [name]: event.target.checked })}
            />
            {title}
          </label>
        ))}
      </div>
      {WORKERS.map(([name, title]) => (
        <fieldset key={name} className="mt-1 flex flex-wrap items-center gap-x-3 text-[13px]">
          <legend className="text-[12px] text-soft">{title}</legend>
          {WORKS.map(([work, words]) => (
            <label key={work} className="flex items-center gap-1.5">
              <input
                type="checkbox"
                checked={spec[name].includes(work)}
                onChange={(event) =>
                  onSpec({
                    ...spec,
                    [name]: event.target.checked
                      ? [...spec[name], work]
                      : spec[name].filter((one) => one !== work),
                  })
                }
              />
              {words}
            </label>
          ))}
        </fieldset>
      ))}
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
    </details>
  );
}
