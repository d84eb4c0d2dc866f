import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { toast } from 'sonner';
import { termText } from '../../base/words.js';
import { call, type Role } from '../../base/api.js';
import { useProject } from '../../data/project.js';
import { dayAndTime } from '../../parts/dayAndTime.js';
import { Message, Waiting } from '../../parts/Message.js';
import { OneTimeLink } from '../../parts/OneTimeLink.js';
import { problemText } from '../../parts/useAsking.js';
import { AuditPane } from '../../parts/AuditPane.js';
import { Select } from '../../parts/Select.js';
import { Fold } from '../../parts/Fold.js';
import { Labelled } from '../../parts/Labelled.js';

const ROLES: { role: Role; may: string }[] = [
  { role: 'owner', may: 'everything, also members and deleting the project' },
  { role: 'editor', may: 'change openings' },
  { role: 'reviewer', may: 'look at everything and review' },
  { role: 'reader', may: 'look at everything' },
];

export function PeopleScreen() {
  const { project } = useProject();
  const client = useQueryClient();
  const key = ['members', project.id];
  const members = useQuery({
    queryKey: key,
    queryFn: async () =>
      (await call('GET', '/projects/{projectId}/members', { path: { projectId: project.id } }))
        .members,
  });
  const [role, setRole] = useState<Role>('editor');
  const [link, setLink] = useState('');
  const owner = project.role === 'owner';

  const change = async (work: () => Promise<unknown>) => {
    try {
      await work();
      await client.invalidateQueries({ queryKey: key });
      await client.invalidateQueries({ queryKey: ['invitations', project.id] });
    } catch (error) {
      toast.error(problemText(error));
    }
  };
  if (members.isPending) return <Waiting what="One moment …" />;
  if (members.error)
    return (
      <Message
        title="The people did not load"
        actions={
          <button className="button primary" onClick={() => void members.refetch()}>
            Try again
          </button>
        }
      >
        {members.error.message}
      </Message>
    );
  return (
    <div className="h-full overflow-auto">
      <div className="mx-auto max-w-4xl px-6 py-8">
        <h1 className="mb-4 text-2xl leading-8">People</h1>
        <table className="sheet w-full">
          <thead>
            <tr className="caps text-left">
              <th className="px-3 py-2 font-normal">Name</th>
              <th className="font-normal">E-mail</th>
              <th className="font-normal">May</th>
              <th>
                <span className="sr-only">Actions</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {members.data.map((member) => (
              <tr key={member.personId} className="border-t border-rule">
                <td className="px-3 py-1.5 font-semibold">{member.name}</td>
                <td className="text-soft">{member.email}</td>
                <td>
                  <select
                    className="field"
                    aria-label={`Role of ${member.name}`}
                    value={member.role}
                    disabled={!owner}
                    onChange={(event) =>
                      void change(() =>
                        call('PATCH', '/projects/{projectId}/members/{personId}', {
                          path: { projectId: project.id, personId: member.personId },
                          body: { role: event.target.value as Role },
                        }),
                      )
                    }
                  >
                    {ROLES.map((one) => (
                      <option key={one.role} value={one.role}>
                        {termText(`role.${one.role}`)}
                      </option>
                    ))}
                  </select>
                </td>
                <td className="pr-2 text-right whitespace-nowrap">
                  {owner && (
                    <button
                      className="button bare"
                      title="A letter with a link goes to their address; nobody else sees it"
                      onClick={() =>
                        void change(async () => {
                          await call('POST', '/projects/{projectId}/members/{personId}/reset', {
                            path: { projectId: project.id, personId: member.personId },
                          });
                          toast(`A letter for a new password is on its way to ${member.name}.`);
                        })
                      }
                    >
                      Send a new password
                    </button>
                  )}
                  {owner && (
                    <button
                      className="button bare"
                      onClick={() =>
                        void change(() =>
                          call('DELETE', '/projects/{projectId}/members/{personId}', {
                            path: { projectId: project.id, personId: member.personId },
                          }),
                        )
                      }
                    >
                      Take out
                    </button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {owner && (
          <section className="sheet mt-6 p-4">
            <h2 className="text-lg">Let somebody in</h2>
            <p className="mt-1 text-soft">
              Makes a link that works once, within a week. Hand it over yourself.
            </p>
            <div className="mt-3 flex items-end gap-2">
              <Labelled label="As">
                <Select
                  label="As"
                  value={role}
                  onChange={(next) => setRole(next as Role)}
                  options={ROLES.map((one) => ({
                    value: one.role,
                    text: `${termText(`role.${one.role}`)}: ${one.may}`,
                  }))}
                />
              </Labelled>
              <button
                className="button primary"
                onClick={() =>
                  void change(async () => {
                    const { token } = await call('POST', '/projects/{projectId}/invitations', {
                      path: { projectId: project.id },
                      body: { role },
                    });
                    setLink(`${window.location.origin}/welcome#${token}`);
                  })
                }
              >
                Make a link
              </button>
            </div>
            <OneTimeLink link={link} />
            <OpenLinks projectId={project.id} />
          </section>
        )}
        {owner && (
          <div className="mt-6">
            <Fold name="Audit log">
              <AuditPane projectId={project.id} />
            </Fold>
          </div>
        )}
      </div>
    </div>
  );
}

/** The links that could still be used, each to be revoked. */
function OpenLinks({ projectId }: { projectId: string }) {
  const client = useQueryClient();
  const key = ['invitations', projectId];
  const links = useQuery({
    queryKey: key,
    queryFn: async () =>
      (await call('GET', '/projects/{projectId}/invitations', { path: { projectId } })).invitations,
  });
  if (!links.data || links.data.length === 0) return null;
  return (
    <>
      <h3 className="caps mt-4 mb-1">Links that can still be used</h3>
      <ul>
        {links.data.map(({ id, role, at, until, by }) => (
          <li key={id} className="flex items-center justify-between border-t border-rule py-1">
            <span>
              as {termText(`role.${role}`)}, made by {by} {dayAndTime(at)}, until{' '}
              {dayAndTime(until)}
            </span>
            <button
              className="button bare"
              onClick={() =>
                void call('DELETE', '/projects/{projectId}/invitations/{invitationId}', {
                  path: { projectId, invitationId: id },
                })
                  .catch((error: unknown) => toast.error(problemText(error)))
                  .then(() => client.invalidateQueries({ queryKey: key }))
              }
            >
              Revoke
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
