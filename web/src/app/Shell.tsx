import { lazy, Suspense, useEffect } from 'react';
import { Outlet, useParams } from 'react-router';
import { Message, Waiting } from '../parts/Message.js';
import { useSession } from '../base/session.js';
import { bringProjectAhead } from './pages.js';

// Whoever is signed in needs no forms to begin with, who is not no head.
const Bar = lazy(() => import('./Bar.js').then((one) => ({ default: one.Bar })));
const SignInScreen = lazy(() =>
  import('../screens/signIn/SignInScreen.js').then((one) => ({ default: one.SignInScreen })),
);

/** Brings what a project needs while somebody looks at the list of projects. */
function ProjectAhead() {
  useEffect(bringProjectAhead, []);
  return null;
}

/** Asks for a sign-in where there is none, else shows the page that was asked for. */
export function Shell() {
  const session = useSession();
  const { projectId } = useParams();
  if (session.isPending) return <Waiting what="One moment …" />;
  if (session.error) {
    return (
      <Message
        title="Riegel does not answer"
        actions={
          <button className="button primary" onClick={() => void session.refetch()}>
            Try again
          </button>
        }
      >
        {session.error.message}
      </Message>
    );
  }
  if (!session.data.person)
    return (
      <Suspense fallback={<Waiting what="One moment …" />}>
        <SignInScreen session={session.data} />
      </Suspense>
    );
  if (projectId) return <Outlet />;
  return (
    <div className="flex h-full flex-col">
      <ProjectAhead />
      <Suspense fallback={<div className="h-12 shrink-0 border-b-2 border-ink" />}>
        <Bar />
      </Suspense>
      <main className="relative min-h-0 flex-1 overflow-auto print:overflow-visible">
        <Suspense fallback={<Waiting what="One moment …" />}>
          <Outlet />
        </Suspense>
      </main>
    </div>
  );
}
