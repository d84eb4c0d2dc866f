import { DropdownMenu } from 'radix-ui';
import { Download } from 'lucide-react';

/** What of a project can be taken away as a file. */
export function TakeMenu({ projectId }: { projectId: string }) {
  const base = `/api/projects/${projectId}`;
  const files = [
    { href: `${base}/openings.xlsx`, text: 'The openings as a workbook (XLSX)' },
    { href: `${base}/openings.csv`, text: 'The openings as a list (CSV)' },
    { href: `${base}/file`, text: 'The whole project as its file (JSON)' },
  ];
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <button className="button" aria-label="Take a file" title="Take the openings as a file">
          <Download size={16} />
        </button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="start" sideOffset={4} className="sheet z-40 py-1 shadow-lg">
          {files.map(({ href, text }) => (
            <DropdownMenu.Item key={href} asChild>
              <a
                href={href}
                download
                className="block px-3 py-1.5 outline-none data-[highlighted]:bg-brass-wash"
              >
                {text}
              </a>
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
