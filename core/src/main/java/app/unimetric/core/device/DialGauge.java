package app.unimetric.core.device;

/** A dial gauge that says what it reads while the part under it is turned. */
public interface DialGauge {
  /** What it is called. */
  String name();

  /** One turn of the part, a little further than once round. */
  DialTurn turn();
}
