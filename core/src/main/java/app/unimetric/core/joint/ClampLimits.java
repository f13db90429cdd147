package app.unimetric.core.joint;

import org.jspecify.annotations.Nullable;

/**
 * Between which clamp loads the joint works.
 *
 * @param ceilingN above it something is damaged, N
 * @param ceilingBy what
 * @param floorN below it the joint slips or opens, N; null when the loads in use are not known
 * @param floorBy which
 */
public record ClampLimits(
    double ceilingN, CeilingBy ceilingBy, @Nullable Double floorN, @Nullable FloorBy floorBy) {

  /** What limits upwards. */
  public enum CeilingBy {
    YIELD("the bolt reaches its share of yield"),
    BOLT_THREAD("the bolt's thread strips"),
    INTERNAL_THREAD("the thread it is in strips"),
    BEARING_PRESSURE("the surface under the head is crushed");

    private final String words;

    CeilingBy(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** What limits downwards. */
  public enum FloorBy {
    SLIP("the parts slip"),
    OPENING("the joint opens");

    private final String words;

    FloorBy(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /**
   * Ceiling: the lowest of assembly preload at ν, stripping either way, bearing pressure. Floor:
   * F_Q/μ + F_A + F_Z (VDI 2230-1, R2 and R3, the whole axial load taken from the clamp).
   */
  public static ClampLimits of(BoltedJoint joint) {
    double ceiling = joint.assembly().preloadN();
    CeilingBy by = CeilingBy.YIELD;
    Stripping stripping = joint.stripping();
    if (stripping != null && stripping.boltStripN() < ceiling) {
      ceiling = stripping.boltStripN();
      by = CeilingBy.BOLT_THREAD;
    }
    if (stripping != null && stripping.threadStripN() < ceiling) {
      ceiling = stripping.threadStripN();
      by = CeilingBy.INTERNAL_THREAD;
    }
    Double pressure = joint.pressureLimitMPa();
    if (pressure != null && pressure * joint.face().areaMm2() < ceiling) {
      ceiling = pressure * joint.face().areaMm2();
      by = CeilingBy.BEARING_PRESSURE;
    }
    Service service = joint.service();
    if (service == null) {
      return new ClampLimits(ceiling, by, null, null);
    }
    Double loss = joint.embeddingLossN();
    double floor = service.againstSlipN() + service.axialN() + (loss == null ? 0 : loss);
    return new ClampLimits(
        ceiling,
        by,
        floor,
        service.againstSlipN() >= service.axialN() ? FloorBy.SLIP : FloorBy.OPENING);
  }
}
