import type { HomeEdit, NewHomeLink, OpenedHomeLink } from '@ample-bolt/core/messages/home-messages';
import type { GuestPage, HomeLink } from '@ample-bolt/core/shop/home-set';
import useSWR from 'swr';
import { send, sendFile } from './fetcher.ts';

const keyOf = (ticketId: string): string => `/api/tickets/${ticketId}/home`;

/** Private links of a ticket; what comes back from one is noticed within half a minute. */
export const useHomeLinks = (ticketId: string) =>
  useSWR<HomeLink[], Error>(keyOf(ticketId), { refreshInterval: 30_000 });

export const openHomeLink = (ticketId: string, link: NewHomeLink) =>
  send<OpenedHomeLink>('POST', keyOf(ticketId), link);

export const withdrawHomeLink = (ticketId: string, linkId: string) =>
  send<object>('DELETE', `${keyOf(ticketId)}/${linkId}`);

export const refuseHomeSet = (ticketId: string, linkId: string) =>
  send<object>('PUT', `${keyOf(ticketId)}/${linkId}/refused`);

export const homePicture = (ticketId: string, linkId: string, picture: string): string =>
  `${keyOf(ticketId)}/${linkId}/pictures/${picture}`;

const guestKey = (token: string): string => `/api/home/${encodeURIComponent(token)}`;

export const useGuest = (token: string) => useSWR<GuestPage, Error>(guestKey(token));

/** What a client can do through her link; each resolves to the page as it is then. */
export const guestActions = (token: string) => ({
  enter: (edit: HomeEdit) => send<GuestPage>('PUT', guestKey(token), edit),
  finish: () => send<GuestPage>('POST', `${guestKey(token)}/sent`),
  addPicture: (file: Blob) => sendFile<GuestPage>(`${guestKey(token)}/pictures`, file),
  removePicture: (id: string) => send<GuestPage>('DELETE', `${guestKey(token)}/pictures/${id}`),
  pictureUrl: (id: string) => `${guestKey(token)}/pictures/${id}`,
});
