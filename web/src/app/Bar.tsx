import { CircleUser, LogOut, Moon, Sun } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { IconButton } from '../parts/IconButton.js';
import { Mark } from '../parts/Mark.js';
import { useSession } from '../base/session.js';
import { useSignOut } from './useSignOut.js';
import { setTheme, useTheme } from '../base/theme.js';

function PersonBar() {
  const { data } = useSession();
  const theme = useTheme();
  const signOut = useSignOut();
  const other = theme === 'dark' ? 'light' : 'dark';
  return (
    <>
      <div className="flex shrink-0 items-center gap-1 max-lg:hidden">
        <IconButton
          label={other === 'light' ? 'Light theme' : 'Dark theme'}
          onClick={() => setTheme(other)}
        >
          {other === 'light' ? <Sun size={16} /> : <Moon size={16} />}
        </IconButton>
        <Link
          to="/account"
          className="max-w-40 truncate px-1 text-soft hover:text-ink hover:underline"
          title="Your account: password, second factor, where you are signed in"
        >
          <span className="max-[1439px]:sr-only">{data?.person?.name}</span>
          <CircleUser size={16} className="min-[1440px]:hidden" />
        </Link>
        <IconButton label="Sign out" onClick={() => void signOut()}>
          <LogOut size={16} />
        </IconButton>
      </div>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger asChild>
          <IconButton label="You" className="button bare !px-1.5 lg:hidden">
            <CircleUser size={18} />
          </IconButton>
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content align="end" sideOffset={4} className="sheet z-40 py-1 shadow-lg">
            <DropdownMenu.Item asChild className={ITEM}>
              <Link to="/account">{data?.person?.name}</Link>
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} onSelect={() => setTheme(other)}>
              {other === 'light' ? 'Light theme' : 'Dark theme'}
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} onSelect={() => void signOut()}>
              Sign out
            </DropdownMenu.Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
    </>
  );
}

const ITEM = 'block cursor-pointer px-4 py-2 outline-none data-[highlighted]:bg-brass-wash';

/** The head of every page: home, what the page puts there, and the person. */
export function Bar({ children }: { children?: ReactNode }) {
  return (
    <header className="flex h-12 shrink-0 print:hidden items-center gap-4 border-b-2 border-ink bg-paper px-4 max-md:gap-2 max-md:px-2">
      <Link
        to="/"
        className="flex shrink-0 items-center gap-2 font-head text-lg font-bold"
        title="All projects"
      >
        <Mark /> <span className="max-lg:sr-only">Riegel</span>
      </Link>
      <div className="flex min-w-0 flex-1 items-center gap-4 max-md:gap-2">{children}</div>
      <PersonBar />
    </header>
  );
}
