import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { toast } from 'sonner';
import { call } from '../../base/api.js';
import { Fault } from '../../parts/Fault.js';
import { Waiting } from '../../parts/Message.js';
import { OneTimeLink } from '../../parts/OneTimeLink.js';
import { problemText, useAsking } from '../../parts/useAsking.js';

/** Everybody with an account, and what an administrator can do for them. */
export function EverybodyPane() {
  const client = useQueryClient();
  const people = useQuery({
    queryKey: ['installation', 'people'],
    queryFn: async () => (await call('GET', '/installation/people')).people,
  });
  const [link, setLink] = useState('');
  const { busy, fault, ask } = useAsking();
  const change = (work: () => Promise<unknown>) =>
    void ask(async () => {
      await work();
      await client.invalidateQueries({ queryKey: ['installation'] });
    });
  if (people.isPending) return <Waiting what="One moment …" />;
  if (people.error) return <p className="text-oxide">{problemText(people.error)}</p>;
  return (
    <>
      <Fault>{fault}</Fault>
      <table className="sheet w-full">
        <thead>
          <tr className="caps text-left">
            <th className="px-3 py-2 font-normal">Name</th>
            <th className="font-normal">E-mail</th>
            <th className="font-normal">Second factor</th>
            <th className="font-normal">Administrator</th>
            <th>
              <span className="sr-only">Actions</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {people.data.map((person) => (
            <tr key={person.id} className="border-t border-rule">
              <td className="px-3 py-1.5 font-semibold">{person.name}</td>
              <td className="text-soft">{person.email}</td>
              <td>{person.demo ? 'demo account' : person.second ? 'on' : 'off'}</td>
              <td>
                <input
                  type="checkbox"
                  aria-label={`${person.name} is an administrator`}
                  checked={person.admin}
                  disabled={busy}
                  onChange={(event) => {
                    const admin = event.target.checked;
                    change(() =>
                      call('PATCH', '/installation/people/{personId}', {
                        path: { personId: person.id },
                        body: { admin },
                      }),
                    );
                  }}
                />
              </td>
              <td className="pr-2 text-right whitespace-nowrap">
                {person.second && (
                  <button
                    className="button bare"
                    disabled={busy}
                    title="For who lost the device and the recovery codes; a letter tells them"
                    onClick={() =>
                      change(() =>
                        call('POST', '/installation/people/{personId}/second-off', {
                          path: { personId: person.id },
                        }),
                      )
                    }
                  >
                    Turn second factor off
                  </button>
                )}
                {!person.demo && (
                  <button
                    className="button bare"
                    disabled={busy}
                    onClick={() =>
                      change(async () => {
                        await call('POST', '/installation/people/{personId}/reset', {
                          path: { personId: person.id },
                        });
                        toast(`The letter to ${person.name} is in the mailbox.`);
                      })
                    }
                  >
                    Send a new password
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <section className="sheet mt-6 p-4">
        <h2 className="text-lg">Let somebody in</h2>
        <p className="mt-1 text-soft">
          Makes a link to a new account that works once, within a week. Hand it over yourself.
        </p>
        <button
          className="button primary mt-3"
          disabled={busy}
          onClick={() =>
            change(async () => {
              const { token } = await call('POST', '/installation/invitations');
              setLink(`${window.location.origin}/welcome#${token}`);
            })
          }
        >
          Make a link
        </button>
        <OneTimeLink link={link} />
      </section>
    </>
  );
}
