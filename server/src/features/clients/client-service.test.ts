import { describe, expect, test } from '@jest/globals';
import { Problem } from '../../http/problem.ts';
import { memoryStores } from '../../testing/memory-stores.ts';
import { changeClient, clientById, forgetClient, mergeClient, newClient } from './client-service.ts';

const refusal = async (act: Promise<unknown>): Promise<string> => {
  try {
    await act;
  } catch (error) {
    if (error instanceof Problem) return `${error.status} ${error.code}`;
    throw error;
  }
  return 'taken';
};

describe('who a client is', () => {
  test('is asked where the name is known, however it is written, and taken as somebody else once that is said', async () => {
    const { stores } = memoryStores();
    await newClient(stores, { name: 'Ilse Marrow', kind: 'adult' });
    for (const name of ['Ilse Marrow', ' ilse marrow '])
      expect(await refusal(newClient(stores, { name, kind: 'adult' }))).toBe('409 known-name');
    await newClient(stores, { name: ' Ilse Marrow', kind: 'adult', another: true });
    expect((await stores.clients.list()).map(({ name }) => name)).toEqual(['Ilse Marrow', 'Ilse Marrow']);
  });

  test('changes on her newest version alone', async () => {
    const { stores } = memoryStores();
    const { id } = await newClient(stores, { name: 'Ilse Marrow', kind: 'adult' });
    await changeClient(stores, id, { version: 1, contact: 'the mill' });
    expect(await refusal(changeClient(stores, id, { version: 1, contact: 'the bridge' }))).toBe('409 stale');
    expect(await clientById(stores, id)).toMatchObject({ contact: 'the mill', version: 2 });
    // Her own name in other capitals is no namesake of hers.
    await changeClient(stores, id, { version: 2, name: 'ILSE MARROW' });
    expect(await clientById(stores, id)).toMatchObject({ name: 'ILSE MARROW' });
  });

  test('two are made one where both are grown or both children, and are taken apart again', async () => {
    const { stores } = memoryStores();
    const one = await newClient(stores, { name: 'Ilse Marrow', kind: 'adult' });
    const two = await newClient(stores, { name: 'I. Marrow', kind: 'adult' });
    const child = await newClient(stores, { name: 'Little Marrow', kind: 'child' });
    const merge = (into: string) => refusal(mergeClient(stores, two.id, { version: 1, into }));
    expect(await merge(child.id)).toBe('422 kinds-differ');
    expect(await merge(two.id)).toBe('422 not-two');
    expect(await merge('nobody')).toBe('422 unknown-client');
    expect(await merge(one.id)).toBe('taken');
    const merged = await clientById(stores, two.id);
    expect(merged).toMatchObject({ state: 'merged', mergedInto: one.id });
    const put = (state: 'here' | 'archived') =>
      refusal(changeClient(stores, two.id, { version: merged.version, state }));
    expect(await put('archived')).toBe('422 is-merged');
    expect(await put('here')).toBe('taken');
    expect(await clientById(stores, two.id)).toMatchObject({ state: 'here', mergedInto: null });
  });

  test('is erased by her name, once nothing of hers is at work', async () => {
    const { stores, atWork } = memoryStores();
    const { id } = await newClient(stores, { name: 'Ilse Marrow', kind: 'adult' });
    atWork.set(id, [4]);
    const forget = (name: string) => refusal(forgetClient(stores, id, { name }));
    expect(await forget('Ilse')).toBe('422 not-her-name');
    expect(await forget('Ilse Marrow')).toBe('422 at-work');
    atWork.delete(id);
    expect(await forget('ilse  marrow')).toBe('taken');
    expect(await refusal(clientById(stores, id))).toBe('404 not-found');
  });
});
