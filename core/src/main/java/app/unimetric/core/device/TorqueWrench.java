package app.unimetric.core.device;

/** A torque wrench that says what it reads while it is pulled. */
public interface TorqueWrench {
  /** What it is called. */
  String name();

  /**
   * One pull at one fastener, with the wrench set.
   *
   * @param startNm what the fastener carries already, N·m; 0 for one turned in by hand
   * @param settingNm what the wrench is set to, at the fastener, N·m
   */
  Pull pull(double startNm, double settingNm);
}
