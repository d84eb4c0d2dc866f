import { documentAddress, documentFile } from '../../base/documents.js';
import { useQuery } from '@tanstack/react-query';
import { FileSpreadsheet, Trash2, Upload } from 'lucide-react';
import { useMemo, useState, type ChangeEvent } from 'react';
import { toast } from 'sonner';
import {
  readReply,
  TAKE_OFF_BY,
  type Reply,
  type TakeOffBy,
  type TakeOffGroup,
  type TakeOffLine,
} from '@riegel/core';
import { ApiProblem, call } from '../../base/api.js';
import { fetchDocument, fileName, save } from '../../base/download.js';
import { useOpenings, useProject } from '../../data/project.js';
import { CheckBox } from '../../parts/CheckBox.js';
import { IconButton } from '../../parts/IconButton.js';
import { Message, Waiting } from '../../parts/Message.js';
import { Select } from '../../parts/Select.js';
import { WithFractions } from '../../parts/WithFractions.js';
import { askCore } from '../../worker/client.js';
import { useSchedule } from './ScheduleLayout.js';

const BY: Record<TakeOffBy, string> = {
  all: 'all together',
  storey: 'by storey',
  set: 'by set',
  maker: 'by maker',
  apart: 'by phase, as kept apart',
};
const SPARES = [0, 2, 5, 10];

/** Totals as they are ordered, and what suppliers ask for them. */
export function TakeOffView() {
  const { project, basis, practice } = useProject();
  const { openings } = useOpenings();
  const { matrix } = useSchedule();
  const [by, setBy] = useState<TakeOffBy>('all');
  const [spares, setSpares] = useState(0);
  const [pairs, setPairs] = useState(false);
  const [replies, setReplies] = useState<{ name: string; cells: string[][] }[]>([]);
  const sets = useMemo(
    () => matrix.rows.flatMap(({ id, set }) => (set === undefined ? [] : [[id, set] as const])),
    [matrix],
  );
  const asked = useQuery({
    queryKey: [
      'take-off',
      project.id,
      basis.key,
      openings,
      by,
      spares,
      pairs,
      sets,
      project.schedule.version,
      project.keying.version,
    ],
    queryFn: () =>
      askCore(basis, (core) =>
        core.takeOff(
          openings.map(({ id, facts }) => ({ id, facts })),
          { by, spares, pairs },
          [...sets],
          project.schedule.body?.apart ?? [],
          project.keying.body ?? undefined,
        ),
      ),
    queryKeyHashFn: ([, id, key, list, ...rest]) =>
      JSON.stringify([
        id,
        key,
        (list as typeof openings).map(({ id: one, version }) => [one, version]),
        rest,
      ]),
    placeholderData: (before: TakeOffGroup[] | undefined) => before,
  });
  const take = async (what: 'take-off' | 'prices') => {
    const options = { by, spares: String(spares), pairs: String(pairs) };
    try {
      const blob = await fetchDocument(documentAddress(what, project.id, { options }));
      save(blob, fileName(project.name, documentFile(what)));
    } catch (error) {
      toast.error(error instanceof ApiProblem ? error.message : 'The document could not be made.');
    }
  };
  const read = async ({ target }: ChangeEvent<HTMLInputElement>) => {
    const [file] = target.files ?? [];
    target.value = '';
    if (!file) return;
    try {
      const { sheets } = await call('POST', '/projects/{projectId}/lists/read', {
        path: { projectId: project.id },
        body: file,
      });
      const cells = sheets[0]?.cells ?? [];
      if (!readReply(cells, asked.data ?? []))
        toast.error('No row in it names “Ref” and “Price each”: it is no answer to a request.');
      else setReplies((before) => [...before, { name: file.name, cells }]);
    } catch (error) {
      toast.error(error instanceof ApiProblem ? error.message : 'The file could not be read.');
    }
  };
  if (asked.error)
    return <Message title="The take-off could not be made">{asked.error.message}</Message>;
  if (!asked.data) return <Waiting what="Counting …" />;
  const groups = asked.data;
  const read_ = replies.map(({ name, cells }) => ({ name, reply: readReply(cells, groups) }));
  return (
    <div className="flex h-full flex-col">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 px-6 py-2">
        <Select
          label="Put together"
          className="!w-40"
          value={by}
          onChange={(next) => setBy(next as TakeOffBy)}
          options={TAKE_OFF_BY.map((one) => ({ value: one, text: BY[one] }))}
        />
        <Select
          label="Spares"
          className="!w-36"
          value={String(spares)}
          onChange={(next) => setSpares(Number(next))}
          options={SPARES.map((one) => ({
            value: String(one),
            text: one === 0 ? 'no spares' : `${one} % spares`,
          }))}
        />
        <CheckBox checked={pairs} onChange={setPairs}>
          hinges in pairs
        </CheckBox>
        <span className="ml-auto flex flex-wrap gap-2">
          <label className="button cursor-pointer focus-within:outline-2">
            <Upload size={16} /> Read a reply
            <input
              type="file"
              className="sr-only"
              accept=".xlsx,.csv"
              aria-label="Read a reply"
              onChange={(event) => void read(event)}
            />
          </label>
          <button type="button" className="button" onClick={() => void take('prices')}>
            <FileSpreadsheet size={16} /> Request for prices
          </button>
          <button type="button" className="button" onClick={() => void take('take-off')}>
            <FileSpreadsheet size={16} /> Take-off
          </button>
        </span>
      </div>
      <div
        className="min-h-0 flex-1 overflow-auto px-6 pb-6"
        tabIndex={0}
        role="region"
        aria-label="Take-off"
      >
        {read_.length > 0 && (
          <Replies
            replies={read_}
            onDrop={(at) => setReplies(replies.filter((_, index) => index !== at))}
          />
        )}
        {groups.length === 0 && <p className="text-soft">Nothing is ordered yet.</p>}
        {groups.map(({ name, lines }) => (
          <section key={name} className="mb-6">
            {name && <h2 className="mb-1 text-lg">{name}</h2>}
            <Lines lines={lines} replies={read_.map(({ reply }) => reply)} />
          </section>
        ))}
        <p className="text-soft">
          Seals are cut from made lengths of the practice ({practice.name}); quantities of openings
          that are not decided are told beside.
        </p>
      </div>
    </div>
  );
}

function Lines({
  lines,
  replies,
}: {
  lines: readonly TakeOffLine[];
  replies: readonly (Reply | undefined)[];
}) {
  const prices = replies.map((reply) => new Map(reply?.lines.map((one) => [one.line.ref, one])));
  return (
    <table className="w-full">
      <thead>
        <tr className="caps text-left">
          <th className="w-20 px-2 py-1 text-right font-normal">To order</th>
          <th className="w-28 font-normal" />
          <th className="w-[38%] font-normal">Description</th>
          <th className="w-44 font-normal">Size</th>
          <th className="w-16 font-normal">Finish</th>
          <th className="w-16 font-normal">Hand</th>
          <th className="font-normal">Openings</th>
          {prices.map((_, at) => (
            <th key={at} className="w-24 px-2 text-right font-normal">
              Reply {at + 1}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {lines.map((line) => {
          const each = prices.map((of) => of.get(line.ref)?.each);
          const least = Math.min(...each.filter((one) => one !== undefined));
          return (
            <tr
              key={line.ref + line.hand}
              data-ref={line.ref}
              className="border-t border-rule/60 align-top"
            >
              <td className="px-2 py-1 text-right text-base font-semibold">{line.order}</td>
              <td className="py-1 text-soft">
                {line.orderUnit}
                {line.spares > 0 && <span className="block text-xs">{line.spares} spare</span>}
              </td>
              <td className="py-1 pr-3">
                {line.description}
                {line.standard && <span className="block text-xs text-soft">{line.standard}</span>}
                {line.keyed && (
                  <span className="block text-xs text-soft">keyed to {line.keyed}</span>
                )}
                {line.undecided > 0 && (
                  <span className="block text-xs text-ochre">
                    {line.undecided} of it for openings not decided
                  </span>
                )}
              </td>
              <td className="py-1">
                <WithFractions text={line.size} />
              </td>
              <td className="py-1 text-soft">{line.finish}</td>
              <td className="py-1">{line.hand}</td>
              <td className="py-1 text-[12.5px] leading-[17px] text-soft">
                {line.openings
                  .map(({ mark, quantity }) => (quantity === 1 ? mark : `${mark} (${quantity})`))
                  .join(', ')}
              </td>
              {each.map((price, at) => (
                <td
                  key={at}
                  className={`px-2 py-1 text-right ${price === least && each.length > 1 ? 'font-semibold text-verdigris' : ''}`}
                >
                  {price === undefined ? '–' : price.toFixed(2)}
                </td>
              ))}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** Replies beside each other: totals, what is missing, what does not fit. */
function Replies({
  replies,
  onDrop,
}: {
  replies: readonly { name: string; reply: Reply | undefined }[];
  onDrop: (at: number) => void;
}) {
  return (
    <section aria-label="Replies" className="sheet mb-5 px-3 py-2">
      <table className="w-full">
        <tbody>
          {replies.map(({ name, reply }, at) => (
            <tr key={at} className="border-b border-rule/60 align-top last:border-b-0">
              <td className="py-1 font-semibold">
                Reply {at + 1}: {name}
              </td>
              <td className="py-1 text-right text-base font-semibold">
                {reply?.currency} {reply?.total.toFixed(2)}
              </td>
              <td className="px-4 py-1 text-soft">
                {[
                  reply && reply.missing > 0 ? `${reply.missing} lines without a price` : '',
                  ...(reply?.lines.filter((one) => one.otherQuantity !== undefined).length
                    ? [
                        `${reply.lines.filter((one) => one.otherQuantity !== undefined).length} priced for another quantity`,
                      ]
                    : []),
                  reply && reply.strange.length > 0
                    ? `${reply.strange.length} rows that are ordered no more`
                    : '',
                  ...(reply?.unread.map(
                    ({ row, column, typed }) =>
                      `row ${row}: “${typed}” is no ${column.toLowerCase()}`,
                  ) ?? []),
                ]
                  .filter(Boolean)
                  .join('; ') || 'complete'}
              </td>
              <td className="w-8">
                <IconButton label={`Put reply ${at + 1} away`} onClick={() => onDrop(at)}>
                  <Trash2 size={14} />
                </IconButton>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
