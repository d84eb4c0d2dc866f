import type { AuditLine } from '../base/api.js';
import { dayAndTime } from './dayAndTime.js';

const WORDS: Record<AuditLine['kind'], string> = {
  'sign-in': 'signed in',
  'sign-in-refused': 'sign-in refused',
  'second-refused': 'second factor refused',
  'sign-out': 'signed out',
  'password-changed': 'changed the password',
  'password-reset': 'set a new password by a link',
  'reset-asked': 'letter for a new password',
  'second-on': 'second factor turned on',
  'second-off': 'second factor turned off',
  'recovery-used': 'recovery code used',
  'sessions-ended': 'ended sessions',
  'account-made': 'made the account',
  invited: 'made a link',
  'invitation-revoked': 'revoked a link',
  joined: 'joined',
  'role-changed': 'changed a role',
  'taken-out': 'took somebody out',
  left: 'left',
  'administrator-changed': 'changed who is administrator',
  refused: 'refused: not allowed',
  limited: 'refused: too often',
};

const GRAVE = new Set<AuditLine['kind']>([
  'sign-in-refused',
  'second-refused',
  'refused',
  'limited',
]);

/** Lines of the audit log, the newest first. */
export function AuditTable({ lines, projects }: { lines: AuditLine[]; projects: boolean }) {
  if (lines.length === 0) return <p className="text-soft">Nothing yet.</p>;
  return (
    <div className="overflow-x-auto">
      <table className="sheet w-full">
        <thead>
          <tr className="caps text-left">
            <th className="px-3 py-2 font-normal">When</th>
            <th className="font-normal">Who</th>
            <th className="font-normal">What</th>
            <th className="font-normal">Of</th>
            {projects && <th className="font-normal">Project</th>}
            <th className="pr-3 font-normal">From</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <tr key={line.id} className="border-t border-rule">
              <td className="px-3 py-1 whitespace-nowrap tabular-nums">{dayAndTime(line.at)}</td>
              <td className="pr-4 whitespace-nowrap" title={line.email ?? ''}>
                {line.who ?? 'nobody known'}
              </td>
              <td className={`pr-4 whitespace-nowrap ${GRAVE.has(line.kind) ? 'text-oxide' : ''}`}>
                {WORDS[line.kind]}
              </td>
              <td className="max-w-72 truncate text-soft" title={line.subject}>
                {line.subject}
              </td>
              {projects && <td className="text-soft">{line.project ?? ''}</td>}
              <td className="pr-3 text-soft tabular-nums">{line.address}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
