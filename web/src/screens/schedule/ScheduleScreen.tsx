import { useQuery } from '@tanstack/react-query';
import { FileSpreadsheet, FileText } from 'lucide-react';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import type { Heading } from '@riegel/core';
import { ApiProblem, call, type ScheduleView } from '../../app/api.js';
import { useProject, useSave } from '../../data/project.js';
import { LevelSign } from '../../parts/Say.js';
import { Message, Waiting } from '../../parts/Message.js';
import { WithFractions } from '../../parts/WithFractions.js';

/** Fetches a document and hands it to the browser as a download. */
async function download(path: string, name: string): Promise<void> {
  const response = await fetch(`/api${path}`, { credentials: 'same-origin' }).catch(
    () => undefined,
  );
  if (!response?.ok) {
    const problem = (await response?.json().catch(() => undefined)) as
      { title?: string } | undefined;
    throw new ApiProblem(
      response?.status ?? 0,
      problem?.title ?? 'There is no connection to the server just now.',
    );
  }
  const link = document.createElement('a');
  link.href = URL.createObjectURL(await response.blob());
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 30_000);
}

export function ScheduleScreen() {
  const { project } = useProject();
  const save = useSave();
  const [making, setMaking] = useState('');
  const schedule = useQuery({
    queryKey: ['schedule', project.id],
    queryFn: () => call<ScheduleView>('GET', `/projects/${project.id}/schedule`),
    staleTime: 0,
  });
  const { refetch } = schedule;
  const saved = save.state === 'saved';
  useEffect(() => {
    if (saved) void refetch();
  }, [saved, refetch]);
  const take = async (kind: 'csv' | 'pdf') => {
    setMaking(kind);
    try {
      const name =
        project.name
          .toLowerCase()
          .replace(/[^a-z0-9]+/g, '-')
          .replace(/^-|-$/g, '') || 'schedule';
      await download(`/projects/${project.id}/schedule.${kind}`, `${name}-schedule.${kind}`);
    } catch (error) {
      toast.error(error instanceof ApiProblem ? error.message : 'The document could not be made.');
    } finally {
      setMaking('');
    }
  };

  if (schedule.isPending) return <Waiting what="Grouping openings into sets …" />;
  if (schedule.error)
    return (
      <Message
        title="The schedule did not load"
        actions={
          <button className="button primary" onClick={() => void schedule.refetch()}>
            Try again
          </button>
        }
      >
        {schedule.error.message}
      </Message>
    );
  const { sets, without, open, findings, assumed } = schedule.data;
  const stops = findings.filter((finding) => finding.level === 'stop');
  return (
    <div className="grid h-full grid-cols-[196px_1fr]">
      <nav aria-label="Sets" className="overflow-auto border-r border-rule py-3">
        <p className="caps px-4 pb-1">{sets.length} sets</p>
        {sets.map((set) => (
          <a
            key={set.number}
            href={`#set-${set.number}`}
            className="flex justify-between gap-2 px-4 py-0.5 hover:bg-wash"
          >
            <span>Set {set.number}</span>
            <span className="truncate text-soft">
              {set.headings.length === 1
                ? set.headings[0]!.mark
                : `${set.headings.length} openings`}
            </span>
          </a>
        ))}
        {without.length > 0 && (
          <a href="#without" className="block px-4 py-0.5 hover:bg-wash">
            Without hardware ({without.length})
          </a>
        )}
        {(open.length > 0 || findings.length > 0 || assumed.length > 0) && (
          <a href="#open-items" className="block px-4 py-0.5 text-oxide hover:bg-wash">
            Open items
          </a>
        )}
      </nav>
      <div
        className="relative overflow-auto px-6 py-4"
        tabIndex={0}
        role="region"
        aria-label="Schedule preview"
      >
        <div className="mb-4 flex items-start justify-between gap-4">
          <div>
            <h1 className="text-2xl leading-8">Hardware schedule</h1>
            <p className="text-soft">
              By set, as it stands. {open.length} open question{open.length === 1 ? '' : 's'},{' '}
              {stops.length} stop{stops.length === 1 ? '' : 's'}: they are printed with it.
            </p>
          </div>
          <div className="flex shrink-0 gap-2">
            <button className="button" disabled={making !== ''} onClick={() => void take('csv')}>
              <FileSpreadsheet size={16} /> {making === 'csv' ? 'Making …' : 'CSV'}
            </button>
            <button
              className="button primary"
              disabled={making !== ''}
              onClick={() => void take('pdf')}
            >
              <FileText size={16} /> {making === 'pdf' ? 'Making …' : 'PDF'}
            </button>
          </div>
        </div>
        {sets.length === 0 && without.length === 0 && (
          <p className="sheet p-6 text-soft">
            There is nothing to schedule yet. Add openings in the register first.
          </p>
        )}
        {sets.map((set) => (
          <section key={set.number} id={`set-${set.number}`} className="sheet mb-5 scroll-mt-4">
            <div className="flex items-baseline justify-between border-b-2 border-ink px-3 py-1.5">
              <h2 className="text-lg leading-6">Set {set.number}</h2>
              <span className="text-soft">
                {set.headings.length} opening{set.headings.length === 1 ? '' : 's'}
              </span>
            </div>
            <Headings list={set.headings} />
            <table className="w-full">
              <caption className="caps px-3 pt-2 pb-0.5 text-left">each opening takes</caption>
              <tbody>
                {set.lines.map((line, index) => (
                  <tr key={index} className="border-t border-rule/60">
                    <td className="w-14 px-3 py-1 text-right text-base font-semibold">
                      {line.quantity}
                    </td>
                    <td className="w-14 text-soft">{line.unit}</td>
                    <td className="py-1">{line.description}</td>
                    <td className="w-48">
                      <WithFractions text={line.size} />
                    </td>
                    <td className="w-28 text-soft">{line.finish}</td>
                    <td className="w-28 text-soft">{line.stage}</td>
                    <td className="w-40 pr-3 text-right text-soft">{line.remarks}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        ))}
        {without.length > 0 && (
          <section id="without" className="sheet mb-5">
            <h2 className="border-b-2 border-ink px-3 py-1.5 text-lg leading-6">
              Without hardware yet
            </h2>
            <Headings list={without} />
          </section>
        )}
        <section id="open-items" className="mb-10">
          {findings.length > 0 && <h2 className="mb-1 text-lg">Findings</h2>}
          {findings.map((finding, index) => (
            <p key={index} className="flex gap-2 py-0.5">
              <span className="pt-[3px]">
                <LevelSign level={finding.level as 'stop'} />
              </span>
              <span className="w-14 shrink-0 font-semibold">{finding.mark}</span>
              <span>
                <WithFractions text={finding.text} />
              </span>
            </p>
          ))}
          {open.length > 0 && <h2 className="mt-4 mb-1 text-lg">Open questions</h2>}
          {open.map((one, index) => (
            <p key={index} className="flex gap-2 py-0.5">
              <span className="w-14 shrink-0 pl-5 font-semibold">{one.mark}</span>
              <span className="w-20 shrink-0 text-soft">{one.stage}</span>
              <span>{one.question}</span>
            </p>
          ))}
          {assumed.length > 0 && (
            <h2 className="mt-4 mb-1 text-lg">Assumed, confirmed by nobody</h2>
          )}
          {assumed.map(({ text, marks }) => (
            <p key={text} className="flex gap-4 py-0.5 pl-5">
              <span className="basis-assumed w-72 shrink-0 self-start">{text}</span>
              <span className="text-soft">{marks.join(', ')}</span>
            </p>
          ))}
          <p className="mt-4 max-w-3xl text-soft">
            An aid to preparation: the adopted code, the authority having jurisdiction, the listing
            and the makers’ instructions decide. Have a licensed professional confirm.
          </p>
        </section>
      </div>
    </div>
  );
}

function Headings({ list }: { list: Heading[] }) {
  return (
    <table className="w-full">
      <thead>
        <tr className="caps text-left">
          {[
            'Mark',
            'From',
            'To',
            'Role',
            'Kind',
            'Opening',
            'Thick',
            'Leaf',
            'Hand',
            'Rating',
            'Clear',
          ].map((title) => (
            <th key={title} className="px-1.5 py-1 font-normal first:pl-3">
              {title}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {list.map((heading) => (
          <tr
            key={heading.mark + heading.from + heading.to}
            className="border-t border-rule/60 align-top"
          >
            <td className="px-1.5 py-0.5 pl-3 font-semibold">{heading.mark}</td>
            <td className="px-1.5 py-0.5">{heading.from}</td>
            <td className="px-1.5 py-0.5">{heading.to}</td>
            <td className={`px-1.5 py-0.5 ${heading.role.endsWith(' ?') ? 'basis-assumed' : ''}`}>
              {heading.role}
            </td>
            <td className="px-1.5 py-0.5 text-soft">{heading.kind}</td>
            <td className="px-1.5 py-0.5 whitespace-nowrap">
              <WithFractions text={heading.size} />
            </td>
            <td className="px-1.5 py-0.5 whitespace-nowrap">
              <WithFractions text={heading.thickness} />
            </td>
            <td className="px-1.5 py-0.5 text-soft">{heading.leaf}</td>
            <td className={`px-1.5 py-0.5 ${heading.hand === 'open' ? 'basis-open' : ''}`}>
              {heading.hand}
            </td>
            <td
              className={`px-1.5 py-0.5 whitespace-nowrap ${heading.rating === 'open' ? 'basis-open' : ''}`}
            >
              {heading.rating}
            </td>
            <td className="px-1.5 py-0.5 whitespace-nowrap">
              <WithFractions text={heading.clearWidth} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
