import type { TaskView } from '../api/client';
import { show, type Units } from '../quantities';

/** A task in words, with its figure in the units of this kitchen. */
export function taskWords(task: TaskView, units: Units): string {
  if (task.massKilograms !== undefined)
    return `${task.what}, ${show.text(show.mass(task.massKilograms, units))}`;
  if (task.celsius !== undefined)
    return `${task.what}: ${show.text(show.temperature(task.celsius, units, 0))}`;
  return task.plates === undefined ? task.what : `${task.what}: about ${task.plates} plates`;
}
