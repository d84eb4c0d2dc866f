/** What is wrong, read aloud when it appears; nothing while nothing is. */
export function Fault({ children }: { children: string }) {
  return children ? (
    <p role="alert" className="text-oxide">
      {children}
    </p>
  ) : null;
}
