import { api, ask, type Trouble } from './client';

/** What is wrong with a file that is larger than is taken; nothing of it is sent. */
export function tooLarge(file: Pick<File, 'name' | 'size'>, mostBytes: number): Trouble | null {
  const mb = Math.floor(mostBytes / 1024 / 1024);
  return file.size <= mostBytes
    ? null
    : {
        status: 413,
        detail: `${file.name} is larger than is taken here (${mb} MB). Nothing was sent; bring it in parts.`,
        errors: [],
      };
}

/**
 * Throws what would be said of a large file before it is sent: the server ends a connection that
 * sends on after it was refused, and its words would be lost.
 */
export async function mayBeSent(file: File, mostBytes: number | undefined): Promise<void> {
  const trouble = mostBytes === undefined ? null : tooLarge(file, mostBytes);
  if (trouble) throw trouble;
  await ask(api.GET('/api/session/devices', {}));
}
