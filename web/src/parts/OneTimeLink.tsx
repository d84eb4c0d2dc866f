/** A link that is shown once, to be copied. */
export function OneTimeLink({ link }: { link: string }) {
  if (!link) return null;
  return (
    <input
      readOnly
      aria-label="Link"
      className="field mt-3 w-full"
      value={link}
      onFocus={(event) => event.target.select()}
    />
  );
}
