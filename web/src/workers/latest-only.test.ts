import { expect, test } from '@jest/globals';
import { latestOnly } from './latest-only.ts';

/** Work that ends when it is told to. */
function held(name: string, done: string[]) {
  let end = () => {};
  const ended = new Promise<void>((resolve) => {
    end = resolve;
  });
  const work = async () => {
    await ended;
    done.push(name);
  };
  return { work, end };
}

const settle = () => new Promise((resolve) => setTimeout(resolve, 0));

test('of what is asked while work is under way only the newest is done', async () => {
  const done: string[] = [];
  const { ask } = latestOnly();
  const [first, second, third] = ['first', 'second', 'third'].map((name) => held(name, done));
  if (!first || !second || !third) throw new Error('three are held');
  ask(first.work);
  ask(second.work);
  ask(third.work);
  first.end();
  second.end();
  await settle();
  expect(done).toEqual(['first']);
  third.end();
  await settle();
  expect(done).toEqual(['first', 'third']);
});

test('what is withdrawn before its turn is not done, and work that fails holds up nothing', async () => {
  const done: string[] = [];
  const { ask } = latestOnly();
  const failing = held('failing', done);
  ask(() =>
    failing
      .work()
      .then(() => Promise.reject(new Error('no')))
      .catch(() => undefined),
  );
  const withdraw = ask(() => {
    done.push('withdrawn');
    return Promise.resolve();
  });
  withdraw();
  failing.end();
  await settle();
  ask(() => {
    done.push('after');
    return Promise.resolve();
  });
  await settle();
  expect(done).toEqual(['failing', 'after']);
});
