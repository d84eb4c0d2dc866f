import { useState } from 'react';
import { call } from '../../base/api.js';
import { Mark } from '../../parts/Mark.js';
import { Fault } from '../../parts/Fault.js';
import { Form, newPasswordField } from '../../parts/Form.js';
import { NewPassword } from '../../parts/NewPassword.js';

const PASSWORD = { password: newPasswordField };

/** Where the link of a letter leads: sets a new password. */
export function ResetScreen() {
  const token = window.location.hash.slice(1);
  const [done, setDone] = useState(false);
  return (
    <main className="mx-auto flex max-w-sm flex-col gap-4 px-6 py-20">
      <h1 className="flex items-center gap-3 text-2xl">
        <Mark /> A new password
      </h1>
      {!token ? (
        <p className="text-soft">
          This link is not whole. Copy all of it, with the part behind the #.
        </p>
      ) : done ? (
        <>
          <p className="text-soft">
            It is set. Wherever you were signed in you are asked for it again.
          </p>
          <a className="button primary self-start" href="/">
            Sign in
          </a>
        </>
      ) : (
        <Form
          className="flex flex-col gap-2"
          shape={PASSWORD}
          send={async ({ password }) => {
            await call('POST', '/session/reset', { body: { token, password } });
            setDone(true);
          }}
        >
          {({ busy, fault }) => (
            <>
              <NewPassword label="New password" />
              <button className="button primary mt-1 self-start" disabled={busy}>
                Set it
              </button>
              <Fault>{fault}</Fault>
            </>
          )}
        </Form>
      )}
    </main>
  );
}
