import { Link } from 'react-router';

/** Openings by their marks, each a link. */
export function Marks({
  ones,
  base,
}: {
  ones: readonly { id: string; mark: string }[];
  base: string;
}) {
  return (
    <span>
      {ones.map(({ id, mark }, index) => (
        <span key={`${id} ${index}`}>
          {index > 0 && ' · '}
          <Link
            className="font-semibold hover:text-brass hover:underline"
            to={`${base}/openings/${id}`}
          >
            {mark}
          </Link>
        </span>
      ))}
    </span>
  );
}
