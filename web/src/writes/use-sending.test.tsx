/** @jest-environment jsdom */
import { expect, jest, test } from '@jest/globals';
import { act, renderHook } from '@testing-library/react';
import { ApiProblem } from '../api/fetcher.ts';
import { useSending } from './use-sending.ts';

type Typed = Readonly<Record<string, string>>;

function sending(ready: Typed) {
  const forget = jest.fn<(stored: Typed) => void>();
  const page = renderHook((typed: Typed) => useSending(typed, 'in', forget), { initialProps: ready });
  return { ...page, forget };
}

/** A sending that is answered when the test says so. */
function later() {
  const answers: { stored: () => void; refused: (error: unknown) => void }[] = [];
  const put = jest.fn<(lengths: Typed) => Promise<void>>(
    () => new Promise((stored, refused) => answers.push({ stored, refused })),
  );
  return {
    put,
    stored: () => answers[0]?.stored(),
    refused: (error: unknown) => answers[0]?.refused(error),
  };
}

test('what is on its way is not sent again, and each length goes with its unit', async () => {
  const { result, forget } = sending({ bust: '36' });
  const { put, stored } = later();
  let done: Promise<boolean> | undefined;
  act(() => void (done = result.current.send({ bust: '36' }, put)));
  expect(put.mock.calls).toEqual([[{ bust: '36 in' }]]);
  expect(result.current.unsent).toEqual({});
  await act(async () => {
    stored();
    await done;
  });
  expect(await done).toBe(true);
  expect(forget.mock.calls).toEqual([[{ bust: '36' }]]);
});

test('typed on meanwhile, the newer length is still to be sent', () => {
  const { result, rerender } = sending({ bust: '3' });
  act(() => void result.current.send({ bust: '3' }, later().put));
  rerender({ bust: '36' });
  expect(result.current.unsent).toEqual({ bust: '36' });
});

test('refused, it says why and can be sent again; left out on purpose, it is forgotten', async () => {
  const { result, forget } = sending({ bust: '36' });
  const refuse = async (error: unknown) => {
    const { put, refused } = later();
    await act(async () => {
      const done = result.current.send({ bust: '36' }, put);
      refused(error);
      await done;
    });
  };
  await refuse(new ApiProblem(422, 'out-of-range', 'Bust is not likely.', 'values.bust'));
  expect([result.current.failure, result.current.unsent]).toEqual(['Bust is not likely.', { bust: '36' }]);
  expect(forget).not.toHaveBeenCalled();
  await refuse(new ApiProblem(0, 'left-out', 'It was left out.', undefined));
  expect(forget).toHaveBeenCalledWith({ bust: '36' });
});
