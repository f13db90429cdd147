package app.unimetric.core.bench;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.sequence.FastenerPosition;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.thread.ScrewThread;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What the bench shows of a joint.
 *
 * @param stated the governing value as stated
 * @param direction which way tightens
 * @param leftHand whether that is unusual
 * @param otherTools what else of the crib would do, best first
 */
public record RunJoint(
    String id,
    String title,
    String thread,
    int count,
    Layout layout,
    List<FastenerPosition> positions,
    boolean critical,
    String stated,
    @Nullable TorqueBand band,
    @Nullable Double aimNm,
    @Nullable Double ceilingNm,
    OnThread onThread,
    String direction,
    boolean leftHand,
    List<OtherTool> otherTools) {
  public RunJoint {
    positions = List.copyOf(positions);
    otherTools = List.copyOf(otherTools);
  }

  /** The thread by itself, without the mark of its bolt; empty when it cannot be read. */
  public Optional<ScrewThread> size() {
    int mark = thread.lastIndexOf(' ');
    return Stream.of(thread, mark < 0 ? thread : thread.substring(0, mark))
        .flatMap(written -> read(written).stream())
        .findFirst();
  }

  private static Optional<ScrewThread> read(String written) {
    try {
      return Optional.of(ScrewThread.parse(written));
    } catch (InvalidInput unread) {
      return Optional.empty();
    }
  }

  /** The step at which it comes loose. */
  public String undoId() {
    return undoId(id);
  }

  /** The step at which a joint comes loose. */
  public static String undoId(String jointId) {
    return "undo." + jointId;
  }

  /** The other tool of this id; empty when it is none of them. */
  public Optional<OtherTool> otherTool(@Nullable String toolId) {
    return otherTools.stream().filter(t -> t.toolId().equals(toolId)).findFirst();
  }
}
