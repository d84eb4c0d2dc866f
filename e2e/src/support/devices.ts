import { mkdirSync, rmdirSync } from 'node:fs';
import { join } from 'node:path';

const held = () => join(process.env['RIEGEL_E2E_FOLDER']!, 'devices-held');

/** Tape, recorder and gauge are one each, and every page hears them: one journey at a time works with them. */
export async function holdDevices(): Promise<void> {
  for (;;) {
    try {
      mkdirSync(held());
      return;
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
  }
}

export function releaseDevices(): void {
  rmdirSync(held());
}

/** What a person does at the panel of a simulated device. */
export async function device(path: string, body: unknown = {}): Promise<Record<string, unknown>> {
  const answer = await fetch(`${process.env['RIEGEL_E2E_TAPE']}${path}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
  return (await answer.json()) as Record<string, unknown>;
}
