import { useState } from 'react';
import { call } from '../../app/api.js';
import { Mark } from '../../app/Mark.js';
import { Fault } from '../../parts/Fault.js';
import { useAsking } from '../../parts/useAsking.js';
import { NewPassword } from './WelcomeScreen.js';

/** Where the link of a letter leads: sets a new password. */
export function ResetScreen() {
  const token = window.location.hash.slice(1);
  const [done, setDone] = useState(false);
  const { busy, fault, onSubmit } = useAsking();
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
        <form
          className="flex flex-col gap-2"
          onSubmit={onSubmit(async ({ password }) => {
            await call('POST', '/session/reset', { token, password });
            setDone(true);
          })}
        >
          <NewPassword label="New password" />
          <button className="button primary mt-1 self-start" disabled={busy}>
            Set it
          </button>
        </form>
      )}
      <Fault>{fault}</Fault>
    </main>
  );
}
