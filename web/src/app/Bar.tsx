import { LogOut, Moon, Sun } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { IconButton } from '../parts/IconButton.js';
import { Mark } from './Mark.js';
import { useSession, useSignOut } from './session.js';
import { setTheme, useTheme } from './theme.js';

function PersonBar() {
  const { data } = useSession();
  const theme = useTheme();
  const signOut = useSignOut();
  return (
    <div className="flex items-center gap-1">
      <IconButton
        label={theme === 'dark' ? 'Light theme' : 'Dark theme'}
        onClick={() => setTheme(theme === 'dark' ? 'light' : 'dark')}
      >
        {theme === 'dark' ? <Sun size={16} /> : <Moon size={16} />}
      </IconButton>
      <Link
        to="/account"
        className="px-1 text-soft hover:text-ink hover:underline"
        title="Your account: password, second factor, where you are signed in"
      >
        {data?.person?.name}
      </Link>
      <IconButton label="Sign out" onClick={() => void signOut()}>
        <LogOut size={16} />
      </IconButton>
    </div>
  );
}

/** The head of every page: home, what the page puts there, and the person. */
export function Bar({ children }: { children?: ReactNode }) {
  return (
    <header className="flex h-12 shrink-0 print:hidden items-center gap-4 border-b-2 border-ink bg-paper px-4">
      <Link
        to="/"
        className="flex items-center gap-2 font-head text-lg font-bold"
        title="All projects"
      >
        <Mark /> Riegel
      </Link>
      <div className="flex min-w-0 flex-1 items-center gap-4">{children}</div>
      <PersonBar />
    </header>
  );
}
