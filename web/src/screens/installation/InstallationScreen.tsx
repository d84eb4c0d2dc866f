import { NavLink, Outlet } from 'react-router';

const tab = ({ isActive }: { isActive: boolean }) =>
  `border-b-[3px] px-1 pb-1 ${isActive ? 'border-brass font-semibold' : 'border-transparent text-soft hover:text-ink'}`;

/** What an administrator looks after. */
export function InstallationScreen() {
  return (
    <div className="mx-auto max-w-5xl px-6 py-8">
      <h1 className="mb-3 text-2xl leading-8">Installation</h1>
      <nav aria-label="Installation" className="mb-5 flex gap-5 border-b border-rule">
        <NavLink to="/installation" end className={tab}>
          People
        </NavLink>
        <NavLink to="/installation/audit" className={tab}>
          Audit log
        </NavLink>
        <NavLink to="/installation/mail" className={tab}>
          Mailbox
        </NavLink>
      </nav>
      <Outlet />
    </div>
  );
}
