package app.unimetric.core.stated;

/** What a fastener is for. Only clamping joints can be judged by what their thread carries. */
public enum Role {
  /** Holds parts together. */
  CLAMP,
  /** Sets preload or play. */
  ADJUST,
  /** Must still turn. */
  PIVOT,
  /** Secures another fastener. */
  LOCK
}
