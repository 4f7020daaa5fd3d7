package urnstew.core.task;

/** How loudly a task calls. */
public enum Attention {
  /** Now, or something is lost. */
  ALARM,
  /** Soon, or when somebody has hands. */
  WAIT,
  /** Later. */
  NEXT
}
