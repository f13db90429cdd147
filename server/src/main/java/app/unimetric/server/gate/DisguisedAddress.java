package app.unimetric.server.gate;

/** An address that is not written plainly. The message tells the sender what to write instead. */
final class DisguisedAddress extends RuntimeException {
  private static final long serialVersionUID = 1L;

  DisguisedAddress(String message) {
    super(message);
  }
}
