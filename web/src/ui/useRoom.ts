import { useLayoutEffect, useRef, useState } from 'react';

interface Room {
  width: number;
  height: number;
}

/** The room that an element has, px, as it changes; the one given until it is measured. */
export function useRoom(first: Room) {
  const box = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState(first);
  useLayoutEffect(() => {
    const at = box.current;
    if (!at) return undefined;
    const measure = () => {
      const { clientWidth: width, clientHeight: height } = at;
      if (width > 0) {
        setRoom((old) => (old.width === width && old.height === height ? old : { width, height }));
      }
    };
    measure();
    if (typeof ResizeObserver === 'undefined') return undefined;
    const observer = new ResizeObserver(measure);
    observer.observe(at);
    return () => observer.disconnect();
  }, []);
  return { box, room };
}
