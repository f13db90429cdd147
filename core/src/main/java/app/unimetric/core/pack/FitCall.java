package app.unimetric.core.pack;

/** The calculation that answers a question of fit, by the name of its call. */
public enum FitCall {
  BOLT_LENGTH("bolt-length", "bolt length and clearance"),
  STEERER_STACK("steerer-stack", "steerer stack"),
  SPINDLE("spindle", "spindle and shell"),
  PRESS_FIT("press-fit", "bore against cup"),
  FLUSHNESS("flushness", "flushness round the rim"),
  THROUGH_AXLE("through-axle", "axle against axle"),
  HUB_STACK("hub-stack", "hub and axle spacers"),
  RIDE_HEIGHT("ride-height", "ride height"),
  RUNOUT("runout", "rotor runout"),
  PADS("pads", "pad wear"),
  POSITIONS("positions", "positions as found and as left"),
  MASS("mass", "mass removed and fitted"),
  POWER_CHECK("power-check", "static check with a known mass"),
  ZERO_OFFSET("zero-offset", "zero offset");

  private final String call;
  private final String words;

  FitCall(String call, String words) {
    this.call = call;
    this.words = words;
  }

  /** The name of the call. */
  public String call() {
    return call;
  }

  /** In the workshop's words. */
  public String words() {
    return words;
  }
}
