import { ZipFile } from 'yazl';

/** A file as it is handed out. */
export interface MadeFile {
  name: string;
  type: string;
  bytes: Uint8Array;
}

/**
 * Files as one ZIP, each name once. They bear the day they were made of, not the moment: the same files are the same
 * archive.
 */
export async function zipOf(
  files: readonly { name: string; bytes: Uint8Array | string }[],
  day: string,
): Promise<Uint8Array> {
  const zip = new ZipFile();
  const names = new Set<string>();
  const mtime = new Date(`${day}T12:00:00Z`);
  for (const { name, bytes } of files) {
    let unique = name;
    for (let count = 2; names.has(unique); count++)
      unique = name.replace(/(\.\w+)?$/, (ending) => `-${count}${ending}`);
    names.add(unique);
    zip.addBuffer(Buffer.from(bytes as Uint8Array), unique, { mtime });
  }
  zip.end();
  const chunks: Buffer[] = [];
  for await (const chunk of zip.outputStream) chunks.push(chunk as Buffer);
  return new Uint8Array(Buffer.concat(chunks));
}
