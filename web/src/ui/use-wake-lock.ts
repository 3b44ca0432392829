import { useEffect } from 'react';

/** Keeps the screen awake while the page is open and in sight, where the device can; the tape needs both hands. */
export function useWakeLock(): void {
  useEffect(() => {
    if (!('wakeLock' in navigator)) return;
    let held: WakeLockSentinel | undefined;
    let left = false;
    const hold = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock
        .request('screen')
        .then((lock) => {
          if (left) void lock.release();
          else held = lock;
        })
        .catch(() => {
          // A low battery may refuse it; the screen then sleeps as it is set to.
        });
    };
    hold();
    // The device takes the lock away when the page is hidden.
    document.addEventListener('visibilitychange', hold);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', hold);
      void held?.release();
    };
  }, []);
}
