import { useCallback, useEffect, useState, useSyncExternalStore } from 'react';
import type { OnStove } from '../../api/client';

const KEPT_ON = 'urnstew.alarm';
const KEPT_RUNG = 'urnstew.rung';
const REMEMBERED = 200;
const listeners = new Set<() => void>();

/** Something that is due at a pot. */
export interface Due { key: string; batchId: string; batchName: string; what: string; at: number }

/** What is due at all pots, by the server's own hours: it survives a reload, and a restart. Nothing is before the simmer. */
export function dueAt(batches: OnStove[], now: number): Due[] {
  return batches.filter((b) => ms(b.simmerStartedAt) <= now).flatMap((b) => {
    const steps = b.steps.filter((s) => !s.done && s.kind !== 'HEAT_OFF' && s.kind !== 'READ');
    const due = steps.map((s) => ({ key: `${b.id} ${s.key} ${s.kind === 'STIR' ? s.at : ''}`, what: s.kind === 'ADD' ? `add the ${s.what.toLowerCase()}` : s.what.toLowerCase(), at: ms(s.at) }));
    if (b.thickAt) due.push({ key: `${b.id} thick`, what: 'thick enough', at: ms(b.thickAt) });
    return due.filter((d) => d.at <= now).map((d) => ({ ...d, batchId: b.id, batchName: b.name }));
  });
}

const ms = (instant: string): number => new Date(instant).getTime();

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

/** The alarm of this device: on or off for good, and what it has rung for. */
export function useAlarm(due: Due[]) {
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
  useEffect(() => {
    if (!on) return;
    const before = rung();
    const fresh = due.filter((d) => !before.includes(d.key));
    if (fresh.length === 0) return;
    localStorage.setItem(KEPT_RUNG, JSON.stringify([...before, ...fresh.map((d) => d.key)].slice(-REMEMBERED)));
    if (sound?.state === 'running') ring(sound);
  }, [due, on]);
  return { on, turn };
}

/** Keeps the screen awake where the browser allows it; says whether it does. */
export function useAwake(wanted: boolean): boolean {
  const [awake, setAwake] = useState(false);
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    const hold = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then((held) => { lock = held; setAwake(true); }, () => setAwake(false));
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
