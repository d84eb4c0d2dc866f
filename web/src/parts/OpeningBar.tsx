import { ChevronLeft, ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import type { OpeningView } from '../app/api.js';
import { IconButton } from './IconButton.js';
import { Message } from './Message.js';

/** The head of a page about one opening: before and after it, its mark and rooms, other pages of it. */
export function OpeningBar({
  opening,
  among,
  path,
  children,
}: {
  opening: OpeningView;
  /** The openings that can be stepped through. */
  among: OpeningView[];
  /** The address of this page without the opening. */
  path: string;
  children: ReactNode;
}) {
  const navigate = useNavigate();
  const at = among.findIndex((one) => one.id === opening.id);
  const to = (step: number) => {
    const other = among[at + step];
    if (other) void navigate(`${path}/${other.id}`);
  };
  return (
    <div className="flex items-center gap-3 border-b border-rule px-4 py-1.5">
      <IconButton label="Previous opening" disabled={at <= 0} onClick={() => to(-1)}>
        <ChevronLeft size={20} />
      </IconButton>
      <IconButton
        label="Next opening"
        disabled={at < 0 || at >= among.length - 1}
        onClick={() => to(1)}
      >
        <ChevronRight size={20} />
      </IconButton>
      <h1 className="text-2xl leading-7">{opening.facts.mark}</h1>
      <p className="truncate text-soft">
        {[opening.facts.from, opening.facts.to].filter(Boolean).join(' → ')}
      </p>
      <span className="flex-1" />
      {children}
    </div>
  );
}

/** What stands in place of a page about an opening that is not there. */
export function NoOpening({ base }: { base: string }) {
  return (
    <Message
      title="This opening is not here"
      actions={
        <Link className="button primary" to={base}>
          To the register
        </Link>
      }
    >
      It was deleted, or belongs to another project.
    </Message>
  );
}
