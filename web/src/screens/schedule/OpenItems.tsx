import type { ScheduleView } from '../../base/api.js';
import { LevelSign } from '../../parts/Say.js';
import { WithFractions } from '../../parts/WithFractions.js';

const Marks = ({ marks }: { marks: readonly string[] }) => (
  <span className="text-soft">{marks.join(', ')}</span>
);

/** What is found, open, assumed and accepted: it stands under every schedule. */
export function OpenItems({ findings, open, assumed, accepted, checked }: ScheduleView) {
  const unchecked = checked.filter(({ notChecked }) => notChecked.length > 0);
  return (
    <section id="open-items" className="mb-10">
      {findings.length > 0 && <h2 className="mb-1 text-lg">Findings</h2>}
      {findings.map(({ code, level, source, told }) => (
        <div key={level + code} className="flex gap-2 border-t border-rule/60 py-1">
          <span className="pt-[3px]">
            <LevelSign level={level as 'stop'} />
          </span>
          <div className="min-w-0">
            {told.map(({ text, marks }) => (
              <p key={text}>
                <WithFractions text={text} /> <Marks marks={marks} />
              </p>
            ))}
            <p className="text-xs text-soft">{source}</p>
          </div>
        </div>
      ))}
      {open.length > 0 && <h2 className="mt-4 mb-1 text-lg">Open questions</h2>}
      {open.map(({ text, stage, marks }) => (
        <p key={text} className="flex gap-2 border-t border-rule/60 py-0.5">
          <span className="w-24 shrink-0 pl-5 text-soft">{stage}</span>
          <span>
            {text} <Marks marks={marks} />
          </span>
        </p>
      ))}
      {assumed.length > 0 && <h2 className="mt-4 mb-1 text-lg">Assumed, confirmed by nobody</h2>}
      {assumed.map(({ text, marks }) => (
        <p key={text} className="flex gap-4 py-0.5 pl-5">
          <span className="basis-assumed w-72 shrink-0 self-start">{text}</span>
          <Marks marks={marks} />
        </p>
      ))}
      {unchecked.length > 0 && (
        <h2 className="mt-4 mb-1 text-lg">Not checked, for want of facts</h2>
      )}
      {unchecked.map(({ text, notChecked }) => (
        <div key={text} className="border-t border-rule/60 py-0.5 pl-5">
          {text}
          {notChecked.map(({ lacks, marks }) => (
            <p key={lacks} className="pl-4 text-[13px]">
              <span className="text-soft">not recorded:</span> {lacks} <Marks marks={marks} />
            </p>
          ))}
        </div>
      ))}
      {accepted.length > 0 && <h2 className="mt-4 mb-1 text-lg">Accepted</h2>}
      {accepted.map(({ text, marks, by, reason }) => (
        <p key={text + by + reason} className="border-t border-rule/60 py-0.5 pl-5">
          <WithFractions text={text} /> <Marks marks={marks} />
          <span className="block text-xs text-soft">
            {by}: “{reason}”
          </span>
        </p>
      ))}
      <p className="mt-4 max-w-3xl text-soft">
        An aid to preparation: the adopted code, the authority having jurisdiction, the listing and
        the makers’ instructions decide. Have a licensed professional confirm.
      </p>
    </section>
  );
}
