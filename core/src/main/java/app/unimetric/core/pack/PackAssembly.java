package app.unimetric.core.pack;

import java.util.List;

/**
 * Joints that close one interface or hang one part: started, snugged and tightened together.
 *
 * @param onTheBench whether it is put together on the bench, before the machine is opened
 */
public record PackAssembly(String id, String title, List<String> jointIds, boolean onTheBench) {
  public PackAssembly {
    jointIds = List.copyOf(jointIds);
  }
}
