package app.unimetric.core.device;

/** What can be wrong under a simulated dial gauge, to be practised. */
public enum DialFault {
  /** Nothing is. */
  NONE,
  /** The part leans on its seat: dirt under it, or a bent face. */
  LEANS,
  /** The part is dented in one place. */
  DENTED,
  /** The foot of the gauge moved during the turn. */
  FOOT_MOVED,
  /** The gauge is not heard any more. */
  NOT_HEARD
}
