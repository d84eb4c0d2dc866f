import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { call } from '../../base/api.js';
import type { Shapes } from '../../base/routes.js';
import { Fault } from '../../parts/Fault.js';
import { Message, Waiting } from '../../parts/Message.js';
import { Form, neededField, newPasswordField } from '../../parts/Form.js';
import { TextField } from '../../parts/TextField.js';
import { useAsking } from '../../parts/useAsking.js';
import { dayAndTime } from '../../parts/dayAndTime.js';
import { NewPassword } from '../../parts/NewPassword.js';
import { SecondFactor } from './SecondFactor.js';

/** One's own account: password, second factor, where one is signed in. */
export function AccountScreen() {
  const client = useQueryClient();
  const account = useQuery({
    queryKey: ['account'],
    queryFn: () => call('GET', '/account'),
  });
  const fresh = () => client.invalidateQueries({ queryKey: ['account'] });
  if (account.isPending) return <Waiting what="One moment …" />;
  if (account.error)
    return (
      <Message
        title="Your account did not load"
        actions={
          <button className="button primary" onClick={() => void account.refetch()}>
            Try again
          </button>
        }
      >
        {account.error.message}
      </Message>
    );
  const { name, email, admin, demo, second, sessions } = account.data;
  return (
    <div className="mx-auto max-w-5xl px-6 py-8">
      <div className="mb-5 flex flex-wrap items-end justify-between gap-4">
        <div>
          <h1 className="text-2xl leading-8">{name}</h1>
          <p className="text-soft">{email}</p>
        </div>
        {admin && (
          <Link className="button" to="/installation">
            Installation: people, audit log, mailbox
          </Link>
        )}
      </div>
      {demo && (
        <p className="mb-4 border-l-4 border-ochre pl-3 text-soft">
          A demo account: anybody comes in as you with one click, so it has no password of its own
          to change.
        </p>
      )}
      {!demo && (
        <div className="grid grid-cols-2 items-start gap-6 max-[900px]:grid-cols-1">
          <Password onChanged={fresh} />
          <SecondFactor on={second.on} codes={second.codes} onChanged={fresh} />
        </div>
      )}
      <Sessions sessions={sessions} onChanged={fresh} />
    </div>
  );
}

const PASSWORDS = {
  current: neededField('Your password now', 1000),
  password: newPasswordField,
};

function Password({ onChanged }: { onChanged: () => Promise<void> }) {
  return (
    <section aria-label="Password" className="sheet p-4">
      <h2 className="mb-2 text-lg">Password</h2>
      <Form
        className="flex flex-col gap-2"
        shape={PASSWORDS}
        send={async ({ current, password }, form) => {
          await call('POST', '/account/password', { body: { current, password } });
          form.reset();
          await onChanged();
          toast('The password is changed. Elsewhere you are signed out.');
        }}
      >
        {({ busy, fault }) => (
          <>
            <TextField
              label="Your password now"
              name="current"
              type="password"
              autoComplete="current-password"
            />
            <NewPassword label="New password" />
            <Fault>{fault}</Fault>
            <button className="button primary mt-1 self-start" disabled={busy}>
              Change it
            </button>
          </>
        )}
      </Form>
    </section>
  );
}

function Sessions({
  sessions,
  onChanged,
}: {
  sessions: Shapes['AccountView']['sessions'];
  onChanged: () => Promise<void>;
}) {
  const { busy, fault, ask } = useAsking();
  const end = (one?: string) =>
    void ask(async () => {
      if (one === undefined) await call('DELETE', '/account/sessions');
      else await call('DELETE', '/account/sessions/{sessionId}', { path: { sessionId: one } });
      await onChanged();
    });
  return (
    <section aria-label="Where you are signed in" className="mt-6">
      <div className="mb-2 flex flex-wrap items-end justify-between gap-2">
        <h2 className="text-lg">Where you are signed in</h2>
        {sessions.length > 1 && (
          <button className="button" disabled={busy} onClick={() => end()}>
            Sign out everywhere else
          </button>
        )}
      </div>
      <Fault>{fault}</Fault>
      <div className="overflow-x-auto">
        <table className="sheet w-full whitespace-nowrap">
          <thead>
            <tr className="caps text-left">
              <th className="px-3 py-2 font-normal">Device</th>
              <th className="pr-4 font-normal">Address</th>
              <th className="font-normal">Since</th>
              <th className="font-normal">Last used</th>
              <th>
                <span className="sr-only">Actions</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {sessions.map((session) => (
              <tr key={session.id} className="border-t border-rule">
                <td className="py-1.5 pr-4 pl-3 font-semibold">{session.device}</td>
                <td className="pr-4 text-soft">{session.address}</td>
                <td className="pr-4">{dayAndTime(session.at)}</td>
                <td className="pr-4">{session.current ? 'now, here' : dayAndTime(session.seen)}</td>
                <td className="pr-2 text-right">
                  {!session.current && (
                    <button className="button bare" disabled={busy} onClick={() => end(session.id)}>
                      Sign out there
                    </button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
