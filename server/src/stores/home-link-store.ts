import type { SequenceId } from '@ample-bolt/core/measures/sequences';
import type { HomeEntries, HomeState } from '@ample-bolt/core/shop/home-set';

/** A private link as it is kept: its token is nowhere, only the token's hash. */
export interface KeptHomeLink {
  readonly id: string;
  readonly ticketId: string;
  readonly sequence: SequenceId;
  readonly state: HomeState;
  readonly entries: HomeEntries;
  readonly expiresAt: Date;
  readonly sentAt: Date | null;
  /** Pictures by their ids, the oldest first. */
  readonly pictures: readonly string[];
}

/** Where private links and the pictures that came through them are kept. */
export interface HomeLinkStore {
  /** The link whose token has this hash; nobody else writes on it until the work is done. */
  byToken(hash: string): Promise<KeptHomeLink | undefined>;
  /** The links of a ticket, the newest first. */
  ofTicket(ticketId: string): Promise<KeptHomeLink[]>;
  /** A link of this ticket; nobody else writes on it until the work is done. */
  onTicket(ticketId: string, id: string): Promise<KeptHomeLink | undefined>;
  /** Keeps a new link, and gives its id. */
  create(
    link: Pick<KeptHomeLink, 'ticketId' | 'sequence' | 'entries' | 'expiresAt'> & {
      readonly tokenHash: string;
    },
  ): Promise<string>;
  write(id: string, change: Partial<Pick<KeptHomeLink, 'state' | 'entries' | 'sentAt'>>): Promise<void>;
  remove(id: string): Promise<void>;
  addPicture(id: string, bytes: Buffer): Promise<void>;
  picture(id: string, pictureId: string): Promise<Buffer | undefined>;
  /** Throws one picture away, or all of a link. */
  removePictures(id: string, pictureId?: string): Promise<void>;
}
