/** How a closer is tuned, in the order of the work. */
const STEPS: readonly [string, string][] = [
  [
    'Arm and preload',
    'Fit the arm by its template; wind a parallel arm’s forearm until it is preloaded.',
  ],
  [
    'Spring',
    'Wind it up before any valve is touched: until the leaf latches, or to the size decided.',
  ],
  ['Sweep', 'From open to about 12°: clockwise slower. A quarter turn at a time.'],
  ['Latch', 'The last 12°: just so quick that it latches against its seal.'],
  [
    'Back-check',
    'From about 70°: so that the thrown leaf comes to its stop softly. It is no stop.',
  ],
  ['Delay, hold-open', 'Where there are any; no delay on leaves against smoke.'],
  ['Latch again', 'With the seals in, the ventilation on and the doors beside it shut.'],
];

/** The procedure, and what the maker’s instructions are wanted for. */
export function Tuning() {
  return (
    <>
      <ol className="list-decimal pl-5">
        {STEPS.map(([name, what]) => (
          <li key={name} className="py-0.5">
            <b className="font-semibold">{name}.</b> {what}
          </li>
        ))}
      </ol>
      <p className="mt-2 text-soft">
        A valve is never turned more than two or three turns from its factory setting: the screw
        must stay in its body. Oil out means the closer is scrap. Follow the maker; never take the
        arm off under load.
      </p>
    </>
  );
}
