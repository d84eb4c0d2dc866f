import { Outlet, useParams } from 'react-router';
import { Message, Waiting } from '../parts/Message.js';
import { SignInScreen } from '../screens/signIn/SignInScreen.js';
import { Bar } from './Bar.js';
import { useSession } from './session.js';

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
  if (!session.data.person) return <SignInScreen session={session.data} />;
  if (projectId) return <Outlet />;
  return (
    <div className="flex h-full flex-col">
      <Bar />
      <main className="relative min-h-0 flex-1 overflow-auto print:overflow-visible">
        <Outlet />
      </main>
    </div>
  );
}
