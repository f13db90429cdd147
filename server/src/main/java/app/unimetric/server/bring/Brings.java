package app.unimetric.server.bring;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.table.Column;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/** What a kind of sheet means: how its lines are judged, and what becomes of them. */
public interface Brings {
  SheetKind kind();

  List<? extends Column> columns();

  /**
   * Judges lines of one sheet in their order, each against what stands there and against those
   * before it.
   *
   * @param lines by header
   * @return as many, in the same order
   */
  List<Judged> judge(List<Map<String, String>> lines, HowFar howFar);

  /**
   * Makes all lines that bring something hold.
   *
   * @throws app.unimetric.server.problem.Refusal where something was changed since it was looked at
   */
  void accept(BroughtSheet sheet, Instant at, Signature by, HowFar howFar);

  /** Takes back all that an accepted sheet brought; what it changed stands again as it was. */
  void undo(BroughtSheet sheet, Instant at, Signature by);

  /**
   * All that is there, or what a search finds, as rows that read back as they are.
   *
   * @param search empty for all
   * @param row takes one at a time, the header first
   */
  void write(String search, Consumer<List<String>> row);
}
