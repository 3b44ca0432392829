import { randomUUID } from 'node:crypto';
import { mkdir, readdir, readFile, rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { createTransport } from 'nodemailer';
import PostalMime from 'postal-mime';

export interface Message {
  /** Whom it is for, as the shop wrote it: a name, a number, an address. */
  readonly to: string;
  readonly subject: string;
  readonly text: string;
}

export interface SentMessage extends Message {
  readonly id: string;
  /** When it was put there, ISO 8601. */
  readonly at: string;
}

/** Stands in for whoever carries messages: each is a file that a mail program opens. */
export interface Outbox {
  readonly put: (message: Message) => Promise<string>;
  readonly list: () => Promise<SentMessage[]>;
  readonly remove: (id: string) => Promise<void>;
}

const FROM = 'The shop <shop@localhost>';
const ENDING = '.eml';
const ID = /^[0-9a-z-]{10,60}$/;

/** A folder of .eml files (RFC 5322), readable by their owner alone: a message may carry a private link. */
export function folderOutbox(folder: string): Outbox {
  const compose = createTransport({ streamTransport: true, buffer: true, newline: 'windows' });
  const fileOf = (id: string) => path.join(folder, `${id}${ENDING}`);
  const read = async (id: string): Promise<SentMessage> => {
    const { to, subject = '', text = '', date } = await PostalMime.parse(await readFile(fileOf(id)));
    const [receiver] = to ?? [];
    return {
      id,
      to: receiver?.name ?? '',
      subject,
      text: text.trim(),
      at: new Date(date ?? 0).toISOString(),
    };
  };
  return {
    put: async ({ to, subject, text }) => {
      const id = `${Date.now().toString(36)}-${randomUUID().slice(0, 8)}`;
      // Whom it is for need not be an address; the carrier that is put in this one's place knows how to reach them.
      const receiver = { name: to, address: 'client@localhost' };
      const { message } = await compose.sendMail({ from: FROM, to: receiver, subject, text });
      await mkdir(folder, { recursive: true, mode: 0o700 });
      await writeFile(fileOf(id), message as Buffer, { mode: 0o600 });
      return id;
    },
    list: async () => {
      const names = await readdir(folder).catch((error: NodeJS.ErrnoException) => {
        if (error.code === 'ENOENT') return [];
        throw error;
      });
      const ids = names.filter((name) => name.endsWith(ENDING)).map((name) => name.slice(0, -ENDING.length));
      return Promise.all(ids.sort().reverse().map(read));
    },
    remove: (id) => (ID.test(id) ? rm(fileOf(id), { force: true }) : Promise.resolve()),
  };
}
