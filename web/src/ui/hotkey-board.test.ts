import { describe, expect, test } from '@jest/globals';
import { hotkeyBoard } from './hotkey-board.ts';

const key = (does: string) => ({ does, act: () => undefined });

describe('the board of keys', () => {
  test('lists the keys of what is open, for as long as it is', () => {
    const [page, dialog] = [{ n: key('new ticket') }, { i: key('improve') }];
    const closePage = hotkeyBoard.show(page);
    const closeDialog = hotkeyBoard.show(dialog);
    expect(hotkeyBoard.listed()).toEqual([page, dialog]);
    closePage();
    expect(hotkeyBoard.listed()).toEqual([dialog]);
    closeDialog();
    expect(hotkeyBoard.listed()).toEqual([]);
  });

  test('tells who watches of every change, until they stop', () => {
    let told = 0;
    const stop = hotkeyBoard.watch(() => {
      told++;
    });
    hotkeyBoard.show({ u: key('units') })();
    expect(told).toBe(2);
    stop();
    hotkeyBoard.show({ u: key('units') })();
    expect(told).toBe(2);
  });

  test('what is listed stays the same object until it changes, as a store must', () => {
    const close = hotkeyBoard.show({ w: key('working') });
    expect(hotkeyBoard.listed()).toBe(hotkeyBoard.listed());
    close();
  });

  test('letters are on where nobody turned them off', () => {
    expect(hotkeyBoard.lettersOn()).toBe(true);
  });
});
