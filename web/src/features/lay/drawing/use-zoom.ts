import { useLayoutEffect, useRef, useState, type RefObject } from 'react';
import { useHotkeys } from '../../../ui/use-hotkeys.ts';

/** How much nearer one press brings the cloth, and how near it comes at most. */
const STEP = 1.5;
const MOST = 8;

/** The part of the cloth that is in sight, as parts of its whole picture. */
export interface InSight {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

export interface Zoom {
  readonly zoom: number;
  readonly nearer: () => void;
  readonly farther: () => void;
  readonly whole: () => void;
  readonly inSight: InSight;
  /** Brings a place, as parts of the picture, to the middle of what is in sight. */
  readonly lookAt: (x: number, y: number) => void;
  readonly onScroll: () => void;
}

const all: InSight = { left: 0, top: 0, width: 1, height: 1 };

const inSightOf = (element: HTMLElement): InSight => ({
  left: element.scrollLeft / element.scrollWidth,
  top: element.scrollTop / element.scrollHeight,
  width: Math.min(1, element.clientWidth / element.scrollWidth),
  height: Math.min(1, element.clientHeight / element.scrollHeight),
});

const bringToMiddle = (element: HTMLElement, x: number, y: number): void =>
  element.scrollTo(
    x * element.scrollWidth - element.clientWidth / 2,
    y * element.scrollHeight - element.clientHeight / 2,
  );

/** Looks nearer at what scrolls in an element: what was in its middle stays there. */
export function useZoom(frame: RefObject<HTMLDivElement | null>): Zoom {
  const [zoom, setZoom] = useState(1);
  const [inSight, setInSight] = useState(all);
  const middle = useRef({ x: 0.5, y: 0.5 });
  useLayoutEffect(() => {
    const element = frame.current;
    if (!element) return undefined;
    bringToMiddle(element, middle.current.x, middle.current.y);
    const drawn = requestAnimationFrame(() => setInSight(inSightOf(element)));
    return () => cancelAnimationFrame(drawn);
  }, [zoom, frame]);
  const onScroll = () => {
    if (!frame.current) return;
    const sight = inSightOf(frame.current);
    setInSight(sight);
    middle.current = { x: sight.left + sight.width / 2, y: sight.top + sight.height / 2 };
  };
  const nearer = () => setZoom((before) => Math.min(MOST, before * STEP));
  const farther = () => setZoom((before) => Math.max(1, before / STEP));
  const whole = () => setZoom(1);
  useHotkeys({
    '+': { does: 'look nearer', act: zoom < MOST ? nearer : undefined },
    '-': { does: 'look from farther', act: zoom > 1 ? farther : undefined },
    '0': { does: 'the whole cloth', act: zoom > 1 ? whole : undefined },
  });
  const lookAt = (x: number, y: number) => frame.current && bringToMiddle(frame.current, x, y);
  return { zoom, nearer, farther, whole, inSight, lookAt, onScroll };
}
