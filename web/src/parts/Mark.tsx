/** The maker's mark: a bolt in its keep. */
export function Mark() {
  return (
    <svg viewBox="0 0 40 20" width="40" height="20" aria-hidden>
      <path d="M1 3h22M1 17h22M23 3v14M33 1v18" stroke="currentColor" strokeWidth="2" fill="none" />
      <path d="M6 6.5h31v7H6z" fill="var(--brass-solid)" />
    </svg>
  );
}
