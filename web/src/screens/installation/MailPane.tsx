import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../base/api.js';
import { dayAndTime } from '../../parts/dayAndTime.js';
import { Waiting } from '../../parts/Message.js';
import { problemText } from '../../parts/useAsking.js';

/** The simulated mailbox: what would be sent. */
export function MailPane() {
  const box = useQuery({
    queryKey: ['installation', 'mail'],
    queryFn: async () => (await call('GET', '/installation/mail')).letters,
    refetchInterval: 10_000,
  });
  const [open, setOpen] = useState<string | undefined>();
  if (box.isPending) return <Waiting what="One moment …" />;
  if (box.error) return <p className="text-oxide">{problemText(box.error)}</p>;
  const shown = box.data.find(({ id }) => id === open) ?? box.data[0];
  return (
    <>
      <p className="mb-3 text-soft">
        Riegel sends no mail by itself. What it would send is kept here for thirty days; hand it on
        to whom it is for, and to nobody else: a link in it sets a password.
      </p>
      {!shown ? (
        <p className="text-soft">Nothing was sent yet.</p>
      ) : (
        <div className="grid grid-cols-[320px_1fr] items-start gap-4 max-[900px]:grid-cols-1">
          <ul className="sheet max-h-[60vh] overflow-auto">
            {box.data.map((letter) => (
              <li key={letter.id} className="border-b border-rule last:border-0">
                <button
                  type="button"
                  aria-current={letter.id === shown.id}
                  className={`block w-full px-3 py-2 text-left ${letter.id === shown.id ? 'bg-brass-wash' : 'hover:bg-wash'}`}
                  onClick={() => setOpen(letter.id)}
                >
                  <span className="block truncate font-semibold">{letter.subject}</span>
                  <span className="flex justify-between gap-2 text-xs text-soft">
                    <span className="truncate">{letter.recipient}</span>
                    <span className="shrink-0 tabular-nums">{dayAndTime(letter.at)}</span>
                  </span>
                </button>
              </li>
            ))}
          </ul>
          <article className="sheet p-5" aria-label="Letter">
            <h2 className="text-lg">{shown.subject}</h2>
            <p className="mb-4 text-soft">
              to {shown.recipient}, {dayAndTime(shown.at)}
            </p>
            <p className="break-words whitespace-pre-wrap">{shown.body}</p>
          </article>
        </div>
      )}
    </>
  );
}
