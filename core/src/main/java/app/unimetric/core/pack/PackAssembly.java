package app.unimetric.core.pack;

import java.util.List;

/** Joints that close one interface or hang one part: started, snugged and tightened together. */
public record PackAssembly(String id, String title, List<String> jointIds) {
  public PackAssembly {
    jointIds = List.copyOf(jointIds);
  }
}
