import type { LayPiece } from '@ample-bolt/core/lay/model/layable';
import type { ClothSharer, KnownCloth } from '@ample-bolt/core/messages/ticket-messages';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import useSWR from 'swr';
import { fetcher } from './fetcher.ts';

const keyOf = (ticketId: string, role: ClothRole): string => `/api/tickets/${ticketId}/cloths/${role}`;

/**
 * The other tickets that are cut from the same cloth; asked again for every cloth that differs, by its text. Until they are known those before
 * stand, so that what is on the table stays there.
 */
export const useSharers = (ticketId: string, role: ClothRole, cloth: string) =>
  useSWR<ClothSharer[], Error>(
    [`${keyOf(ticketId, role)}/sharers`, cloth],
    ([url]: [string]) => fetcher<ClothSharer[]>(url),
    { keepPreviousData: true },
  );

/** The cloths of other tickets in a role, one of which can be this ticket's too. */
export const useKnownCloths = (ticketId: string, role: ClothRole) =>
  useSWR<KnownCloth[], Error>(`${keyOf(ticketId, role)}/known`, fetcher<KnownCloth[]>);

/** What of some tickets lies on their cloth, numbered; undefined until all of it is there. */
export const useSharedPieces = (sharers: readonly ClothSharer[], role: ClothRole) =>
  useSWR<LayPiece[], Error>(
    sharers.map(({ id, version }) => `${keyOf(id, role)}/pieces?at=${version}`),
    async (urls: readonly string[]) =>
      (await Promise.all(urls.map((url) => fetcher<LayPiece[]>(url)))).flat(),
    { keepPreviousData: true, revalidateOnFocus: false },
  );
