const twoFigures = (value: number) => String(value).padStart(2, '0');

/** A moment as day and time of this device, the same in every language: 2026-03-01 14:05. */
export function dayAndTime(iso: string): string {
  const at = new Date(iso);
  return `${at.getFullYear()}-${twoFigures(at.getMonth() + 1)}-${twoFigures(at.getDate())} ${twoFigures(at.getHours())}:${twoFigures(at.getMinutes())}`;
}
