import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { TaskView } from '../api/client';
import { useNow } from '../api/clock';
import { attention, matters, useTasks } from '../api/tasks';
import { report } from '../api/report';

const KEPT_ON = 'urnstew.alarm';
const KEPT_RUNG = 'urnstew.rung';
const REMEMBERED = 200;
const listeners = new Set<() => void>();
const told = () => listeners.forEach((l) => l());

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
const isOn = () => localStorage.getItem(KEPT_ON) === 'on';
const canRing = () => sound?.state === 'running';
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

/** Lets sound out, which a browser does only after somebody pressed something. */
async function open(): Promise<void> {
  if (typeof AudioContext === 'undefined') return;
  if (!sound) {
    sound = new AudioContext();
    sound.onstatechange = told;
  }
  await sound.resume();
  told();
}

/** The alarm of this device: whether it is on, and whether it can be heard. */
export function useAlarm() {
  const on = useSyncExternalStore(subscribe, isOn);
  const heard = useSyncExternalStore(subscribe, canRing);
  const turn = useCallback(async (to: boolean) => {
    localStorage.setItem(KEPT_ON, to ? 'on' : 'off');
    told();
    if (!to) return;
    await open();
    if (sound && canRing()) ring(sound);
  }, []);
  return { on, heard, turn };
}

/** After a reload the first touch anywhere lets the alarm be heard again. */
function useUnlocking(on: boolean, heard: boolean): void {
  useEffect(() => {
    if (!on || heard) return undefined;
    const unlock = () => {
      open().catch(report);
    };
    window.addEventListener('pointerdown', unlock);
    window.addEventListener('keydown', unlock);
    return () => {
      window.removeEventListener('pointerdown', unlock);
      window.removeEventListener('keydown', unlock);
    };
  }, [on, heard]);
}

/** Rings once for whatever comes due, on whichever page somebody is. Used once, around all pages. */
export function useRinging(): void {
  const { on, heard } = useAlarm();
  useUnlocking(on, heard);
  const { data } = useTasks(on);
  const second = Math.floor(useNow() / 1000);
  const due = useMemo(() => ringing(data ?? [], second * 1000), [data, second]);
  useEffect(() => {
    // What nobody could hear has not rung: it does as soon as it can.
    if (!on || !heard || !sound) return;
    const before = rung();
    const fresh = due.filter((t) => !before.includes(t.key));
    if (fresh.length === 0) return;
    ring(sound);
    const keys = [...before, ...fresh.map((t) => t.key)].slice(-REMEMBERED);
    localStorage.setItem(KEPT_RUNG, JSON.stringify(keys));
  }, [due, on, heard]);
}

/** Keeps the screen awake where the browser allows it; says whether it does. */
export function useAwake(wanted: boolean): boolean {
  const [awake, setAwake] = useState(false);
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return undefined;
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
      lock?.release().catch(report);
    };
  }, [wanted]);
  return awake;
}
