package app.unimetric.perf;

import com.sun.tools.attach.VirtualMachine;
import java.util.ArrayList;
import java.util.List;

/**
 * Fills the memory of a server that runs, from within, as a fault of its own would: {@code Filled
 * PID JAR}, where the jar holds this class as its agent. For a server of one's own.
 */
public final class Filled {
  private static final int PIECE = 1 << 20;
  private static final List<byte[]> KEPT = new ArrayList<>();

  private Filled() {}

  public static void main(String[] args) throws Exception {
    VirtualMachine server = VirtualMachine.attach(args[0]);
    try {
      server.loadAgent(args[1]);
    } catch (java.io.IOException gone) {
      System.out.println("it ended while its memory was filled");
    }
  }

  /** Called within the server. */
  public static void agentmain(String told) {
    while (true) {
      KEPT.add(new byte[PIECE]);
    }
  }
}
