package app.unimetric.server.machine;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.machine.MachineColumn;
import app.unimetric.core.machine.MachineLine;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.table.Column;
import app.unimetric.server.bring.Brings;
import app.unimetric.server.bring.BroughtSheet;
import app.unimetric.server.bring.HowFar;
import app.unimetric.server.bring.Judged;
import app.unimetric.server.bring.SheetKind;
import app.unimetric.server.bring.Standing;
import app.unimetric.server.problem.Refusal;
import java.time.Clock;
import java.time.Instant;
import java.time.Year;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Sheets of machines: one is known by its name, and by its frame number where it has one. */
@Component
class MachineSheets implements Brings {
  private static final String TWICE = "It stands twice in this file.";
  private final MachineSheetMapper mapper;
  private final Fleet fleet;
  private final Clock clock;

  MachineSheets(MachineSheetMapper mapper, Fleet fleet, Clock clock) {
    this.mapper = mapper;
    this.fleet = fleet;
    this.clock = clock;
  }

  @Override
  public SheetKind kind() {
    return SheetKind.MACHINES;
  }

  @Override
  public List<MachineColumn> columns() {
    return MachineColumn.ALL;
  }

  /** Machines by what tells them apart. */
  private static final class Known {
    private final Map<String, Machine> byName = new HashMap<>();
    private final Map<String, Machine> byFrame = new HashMap<>();
    private final Map<String, MachineLine> inSheet = new HashMap<>();

    Known(List<Machine> machines) {
      for (Machine m : machines) {
        byName.put(small(m.name()), m);
        if (!m.frameNumber().isEmpty()) {
          byFrame.put(small(m.frameNumber()), m);
        }
      }
    }

    private static String small(String text) {
      return text.toLowerCase(Locale.ROOT);
    }

    /** What a sheet does not say of a machine that is there stays as it is. */
    void leftAsItIs(Map<MachineColumn, String> cells) {
      Machine there = byFrame.get(small(cells.getOrDefault(MachineColumn.FRAME, "").strip()));
      if (there == null) {
        there = byName.get(small(cells.getOrDefault(MachineColumn.NAME, "").strip()));
      }
      if (there != null) {
        for (MachineColumn column : MachineColumn.ALL) {
          if (column != MachineColumn.FIGURE) {
            cells.putIfAbsent(column, cell(there, column));
          }
        }
      }
    }

    @Nullable Machine named(MachineLine line) {
      return byName.get(small(line.plate().name()));
    }

    @Nullable Machine framed(MachineLine line) {
      return byFrame.get(small(line.plate().frameNumber()));
    }

    /** Another line of this file that is about the same machine. */
    @Nullable MachineLine before(MachineLine line) {
      MachineLine named = inSheet.putIfAbsent("name " + small(line.plate().name()), line);
      MachineLine framed =
          line.plate().frameNumber().isEmpty()
              ? null
              : inSheet.putIfAbsent("frame " + small(line.plate().frameNumber()), line);
      return named == null ? framed : named;
    }
  }

  @Override
  public List<Judged> judge(List<Map<String, String>> lines, HowFar howFar) {
    Known known = new Known(mapper.all());
    int thisYear = Year.now(clock).getValue();
    List<Judged> judged = new ArrayList<>();
    for (Map<String, String> cells : lines) {
      try {
        Map<MachineColumn, String> said = new EnumMap<>(MachineColumn.class);
        said.putAll(Column.cells(MachineColumn.ALL, cells));
        known.leftAsItIs(said);
        judged.add(judged(MachineLine.of(said, thisYear), known));
      } catch (InvalidInput e) {
        judged.add(Judged.refused(e.problems()));
      }
      howFar.is(judged.size(), lines.size());
    }
    return judged;
  }

  private static Judged judged(MachineLine line, Known known) {
    MachineLine twice = known.before(line);
    if (twice != null) {
      return twice.equals(line)
          ? Judged.of(Standing.SAME, line, List.of(TWICE))
          : refused(
              "name",
              "an earlier line of this file is about the same machine and says otherwise; leave one of them out.");
    }
    Machine named = known.named(line);
    Machine framed = known.framed(line);
    if (framed != null && named != null && !framed.id().equals(named.id())) {
      return refused(
          "frame_number",
          "is that of “" + framed.name() + "”, while “" + named.name() + "” is another machine.");
    }
    Machine there = framed == null ? named : framed;
    if (there == null) {
      return Judged.of(Standing.NEW, line, List.of());
    }
    if (there.mergedInto() != null) {
      return refused("name", "was taken for another machine here; leave the line out.");
    }
    List<String> changes =
        new ArrayList<>(new Fleet.Brought(there.id(), line).machine().changesFrom(there));
    if (there.retiredAt() != null) {
      changes.add("it was retired and comes back");
    }
    if (line.meterFigure() != null && !line.meterFigure().equals(there.meterFigure())) {
      changes.add(
          "reading: "
              + (there.meterFigure() == null ? "none" : Figure.rounded(there.meterFigure(), 1))
              + " there; write it down on its page, where a leap is asked about");
      if (changes.size() == 1) {
        return Judged.of(Standing.SAME, line, changes);
      }
    }
    return changes.isEmpty()
        ? Judged.of(Standing.SAME, line, List.of())
        : new Judged(Standing.CHANGED, line, changes, there.id());
  }

  private static Judged refused(String column, String message) {
    return Judged.refused(List.of(new Problem(column, message)));
  }

  @Override
  public void accept(BroughtSheet sheet, Instant at, Signature by, HowFar howFar) {
    UUID id = sheet.id();
    List<String> since = new ArrayList<>(mapper.takenSince(id));
    since.addAll(mapper.changedAfter(id, sheet.saidAt()));
    if (!since.isEmpty()) {
      throw Refusal.conflict(
          "Since you looked, somebody added or changed "
              + String.join(", ", since)
              + "; bring the sheet in anew to see what stands there now.",
          Map.of());
    }
    mapper.keepWhatWas(id);
    mapper.add(id, by, at);
    mapper.read(id, by, at);
    mapper.change(id);
    mapper.wroteDown(id, "changed by the sheet “" + sheet.name() + "”", by, at);
  }

  @Override
  public void undo(BroughtSheet sheet, Instant at, Signature by) {
    UUID id = sheet.id();
    Instant accepted = sheet.settledAt();
    List<String> since = mapper.changedAfter(id, accepted == null ? at : accepted);
    if (!since.isEmpty()) {
      throw Refusal.conflict(
          "Changed by hand since, and so left as they are: "
              + String.join(", ", since)
              + ". Undo those changes on their pages first.",
          Map.of());
    }
    String reason = "the sheet “" + sheet.name() + "” was undone";
    mapper.wroteDown(id, reason, by, at);
    mapper.retireBrought(id, at);
    mapper.wroteDownBrought(id, "retired: " + reason, by, at);
    mapper.standAgain(id);
  }

  @Override
  public void write(String search, Consumer<List<String>> row) {
    row.accept(MachineColumn.ALL.stream().map(Column::header).toList());
    List<Machine> machines = search.isBlank() ? mapper.all() : fleet.search(search);
    for (Machine m : machines) {
      if (m.retiredAt() == null && m.mergedInto() == null) {
        row.accept(MachineColumn.ALL.stream().map(c -> cell(m, c)).toList());
      }
    }
  }

  private static String cell(Machine m, MachineColumn column) {
    return switch (column) {
      case NAME -> m.name();
      case KIND -> m.kind().words();
      case MAKE -> m.make();
      case MODEL -> m.model();
      case YEAR -> String.valueOf(m.modelYear());
      case VARIANT -> m.variant();
      case FRAME -> m.frameNumber();
      case REGISTRATION -> m.registration();
      case METER -> m.meter().name().toLowerCase(Locale.ROOT);
      case FIGURE -> m.meterFigure() == null ? "" : Figure.typed(m.meterFigure());
      case OWNER -> m.owner();
      case PLACE -> m.note();
    };
  }
}
