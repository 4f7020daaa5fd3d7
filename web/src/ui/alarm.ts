import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { TaskView } from '../api/client';
import { useNow } from '../api/clock';
import { attention, matters, useTasks } from '../api/tasks';

const KEPT_ON = 'urnstew.alarm';
const KEPT_RUNG = 'urnstew.rung';
const REMEMBERED = 200;
const listeners = new Set<() => void>();

/** What is on the clock and late: what is due on a day rings for nobody. */
export const ringing = (tasks: TaskView[], now: number): TaskView[] =>
  tasks.filter((t) => t.day === undefined && matters(t, now) && attention(t, now) === 'ALARM');

const rung = (): string[] => JSON.parse(localStorage.getItem(KEPT_RUNG) ?? '[]') as string[];

/** Two soft tones, made on the device: nothing is fetched. */
function ring(context: AudioContext): void {
  [0, 0.28, 0.56].forEach((after, i) => {
    const tone = context.createOscillator();
    const loud = context.createGain();
    const start = context.currentTime + after;
    tone.frequency.value = i === 1 ? 660 : 880;
    loud.gain.setValueAtTime(0.0001, start);
    loud.gain.exponentialRampToValueAtTime(0.5, start + 0.02);
    loud.gain.exponentialRampToValueAtTime(0.0001, start + 0.25);
    tone.connect(loud).connect(context.destination);
    tone.start(start);
    tone.stop(start + 0.26);
  });
}

let sound: AudioContext | undefined;
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

/** The alarm of this device: on or off for good. */
export function useAlarm() {
  const on = useSyncExternalStore(subscribe, () => localStorage.getItem(KEPT_ON) === 'on');
  const turn = useCallback((to: boolean) => {
    localStorage.setItem(KEPT_ON, to ? 'on' : 'off');
    // A browser lets sound out only after somebody pressed something.
    if (to && typeof AudioContext !== 'undefined') {
      sound ??= new AudioContext();
      void sound.resume().then(() => sound && ring(sound));
    }
    listeners.forEach((l) => l());
  }, []);
  return { on, turn };
}

/** Rings once for whatever comes due, on whichever page somebody is. Used once, around all pages. */
export function useRinging(): void {
  const { on } = useAlarm();
  const { data } = useTasks(on);
  const second = Math.floor(useNow() / 1000);
  const due = useMemo(() => ringing(data ?? [], second * 1000), [data, second]);
  useEffect(() => {
    if (!on) return;
    const before = rung();
    const fresh = due.filter((t) => !before.includes(t.key));
    if (fresh.length === 0) return;
    localStorage.setItem(
      KEPT_RUNG,
      JSON.stringify([...before, ...fresh.map((t) => t.key)].slice(-REMEMBERED)),
    );
    if (sound?.state === 'running') ring(sound);
  }, [due, on]);
}

/** Keeps the screen awake where the browser allows it; says whether it does. */
export function useAwake(wanted: boolean): boolean {
  const [awake, setAwake] = useState(false);
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    const hold = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (held) => {
          lock = held;
          setAwake(true);
        },
        () => setAwake(false),
      );
    };
    hold();
    document.addEventListener('visibilitychange', hold);
    return () => {
      document.removeEventListener('visibilitychange', hold);
      void lock?.release();
    };
  }, [wanted]);
  return awake;
}
