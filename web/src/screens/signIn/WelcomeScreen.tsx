import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { call } from '../../base/api.js';
import { Mark } from '../../parts/Mark.js';
import { useSession } from '../../base/session.js';
import { Fault } from '../../parts/Fault.js';
import { emailField, Form, neededField, newPasswordField } from '../../parts/Form.js';
import { NewPassword } from '../../parts/NewPassword.js';
import { TextField } from '../../parts/TextField.js';
import { useAsking } from '../../parts/useAsking.js';

const ACCOUNT = {
  name: neededField('Name', 120),
  email: emailField,
  password: newPasswordField,
};

/** Where a one-time link leads: makes the account, or joins the project as who is signed in. */
export function WelcomeScreen() {
  const token = window.location.hash.slice(1);
  const session = useSession();
  const client = useQueryClient();
  const navigate = useNavigate();
  const { busy, fault, ask } = useAsking();
  const signedIn = session.data?.person;

  const accept = async (values: Record<string, string>) => {
    const { projectId } = await call('POST', '/session/accept', {
      body: {
        token,
        ...values,
      },
    });
    await client.invalidateQueries();
    await navigate(projectId ? `/projects/${projectId}` : '/');
  };

  return (
    <main className="mx-auto flex max-w-sm flex-col gap-4 px-6 py-20">
      <h1 className="flex items-center gap-3 text-2xl">
        <Mark /> Welcome to Riegel
      </h1>
      {!token ? (
        <p className="text-soft">
          This link is not whole. Copy all of it, with the part behind the #.
        </p>
      ) : signedIn ? (
        <>
          <p className="text-soft">You are signed in as {signedIn.name}.</p>
          <button
            className="button primary self-start"
            disabled={busy}
            onClick={() => void ask(() => accept({}))}
          >
            Join the project
          </button>
        </>
      ) : (
        <Form shape={ACCOUNT} send={accept} className="flex flex-col gap-2">
          {({ busy, fault }) => (
            <>
              <p className="text-soft">
                Make your account. The link works once. If you have one already,{' '}
                <a className="underline" href="/">
                  sign in
                </a>{' '}
                first and open the link again.
              </p>
              <TextField label="Name" name="name" autoComplete="name" />
              <TextField label="E-mail" name="email" type="email" autoComplete="username" />
              <NewPassword />
              <button className="button primary mt-1 self-start" disabled={busy}>
                Make the account
              </button>
              <Fault>{fault}</Fault>
            </>
          )}
        </Form>
      )}
      <Fault>{fault}</Fault>
    </main>
  );
}
