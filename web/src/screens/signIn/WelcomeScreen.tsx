import { useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { ApiProblem, call } from '../../app/api.js';
import { useSession } from '../../app/session.js';
import { Mark } from '../../app/Shell.js';

/** Where a one-time link leads: makes the account, or joins the project as who is signed in. */
export function WelcomeScreen() {
  const token = window.location.hash.slice(1);
  const session = useSession();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [fault, setFault] = useState('');
  const signedIn = session.data?.person;

  const accept = async (values: Record<string, unknown>) => {
    setFault('');
    try {
      const { projectId } = await call<{ projectId: string | null }>('POST', '/session/accept', {
        token,
        ...values,
      });
      await client.invalidateQueries();
      await navigate(projectId ? `/projects/${projectId}` : '/');
    } catch (error) {
      setFault(
        error instanceof ApiProblem
          ? [error.message, ...error.errors.map((one) => one.message)].join(' ')
          : 'That did not work.',
      );
    }
  };
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    void accept(Object.fromEntries(new FormData(event.currentTarget)));
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
          <button className="button primary self-start" onClick={() => void accept({})}>
            Join the project
          </button>
        </>
      ) : (
        <form onSubmit={submit} className="flex flex-col gap-2">
          <p className="text-soft">
            Make your account. The link works once. If you have one already,{' '}
            <a className="underline" href="/">
              sign in
            </a>{' '}
            first and open the link again.
          </p>
          <label className="flex flex-col gap-0.5 text-soft">
            Name
            <input
              className="field !h-9 text-ink"
              name="name"
              autoComplete="name"
              required
              maxLength={120}
            />
          </label>
          <label className="flex flex-col gap-0.5 text-soft">
            E-mail
            <input
              className="field !h-9 text-ink"
              name="email"
              type="email"
              autoComplete="username"
              required
            />
          </label>
          <label className="flex flex-col gap-0.5 text-soft">
            Password, 10 characters or more
            <input
              className="field !h-9 text-ink"
              name="password"
              type="password"
              autoComplete="new-password"
              required
              minLength={10}
            />
          </label>
          <button className="button primary mt-1 self-start">Make the account</button>
        </form>
      )}
      {fault && (
        <p role="alert" className="text-oxide">
          {fault}
        </p>
      )}
    </main>
  );
}
