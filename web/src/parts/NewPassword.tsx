import { TextField } from './TextField.js';

/** Where a new password is typed, with what it must be. */
export function NewPassword({ label = 'Password' }: { label?: string }) {
  return (
    <TextField
      label={`${label}, 10 characters or more`}
      hint="Several words that have nothing to do with each other, or with you, are good."
      name="password"
      type="password"
      autoComplete="new-password"
    />
  );
}
