import type { StyleFile } from '@ample-bolt/core/formats/style/read-style';
import type { HouseStyle, NewHouseStyle } from '@ample-bolt/core/messages/style-messages';
import useSWR, { mutate } from 'swr';
import { send } from './fetcher.ts';

const KEY = '/api/styles';

/** The styles that the house composed, by name. */
export const useHouseStyles = () => useSWR<HouseStyle[], Error>(KEY);

/** Keeps a style in the house’s book; throws with the reason where its file cannot be read, or its name is there. */
export async function keepStyle(file: StyleFile | Readonly<Record<string, unknown>>): Promise<HouseStyle> {
  const kept = await send<HouseStyle>('POST', KEY, { file } satisfies NewHouseStyle);
  await mutate(KEY);
  return kept;
}

export async function removeStyle(id: string): Promise<void> {
  await send<object>('DELETE', `${KEY}/${id}`);
  await mutate(KEY);
}
