package app.unimetric.core.thread;

/** The standard a 60° thread is made to; the two differ in how they reckon the stress area. */
public enum Profile {
  /** ISO 68-1: metric threads, and the 60° threads of bicycles. */
  ISO,
  /** ASME B1.1, unified inch threads. */
  UN
}
