package app.unimetric.server.crib;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.bench.ToolsOut;
import app.unimetric.core.plan.HandTools;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolEntry;
import app.unimetric.core.tool.ToolStanding;
import app.unimetric.server.event.ToolFailed;
import app.unimetric.server.event.ToolsUsed;
import app.unimetric.server.problem.Refusal;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The tools of the workshop and what happened to each. */
@Service
public class Crib {
  private static final int LONGEST_NAME = 100;
  private static final String EVER = "-infinity";
  private final CribMapper mapper;
  private final ApplicationEventPublisher events;

  Crib(CribMapper mapper, ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.events = events;
  }

  /** All tools with their logs, also those no longer here. */
  public List<KeptTool> kept() {
    Map<UUID, List<ToolEntryRow>> logs =
        mapper.entries().stream().collect(Collectors.groupingBy(ToolEntryRow::toolId));
    List<KeptTool> uncounted =
        mapper.all().stream()
            .map(t -> new KeptTool(t, logs.getOrDefault(t.id(), List.of()), 0))
            .toList();
    Map<UUID, Integer> uses =
        mapper
            .uses(
                uncounted.stream().map(t -> t.row().id().toString()).toArray(String[]::new),
                uncounted.stream().map(KeptTool::countsFrom).toArray(String[]::new))
            .stream()
            .collect(Collectors.toMap(ToolUses::toolId, ToolUses::uses));
    return uncounted.stream()
        .map(t -> new KeptTool(t.row(), t.log(), uses.getOrDefault(t.row().id(), 0)))
        .toList();
  }

  /** The tools that hang there, fit for use or not. */
  public List<CribTool> tools() {
    return kept().stream().filter(t -> !t.standing().retired()).map(KeptTool::tool).toList();
  }

  /** When some of the tools were out of use. */
  public ToolsOut toolsOut(Collection<String> ids) {
    return out(ids.isEmpty() ? List.of() : mapper.entriesOf(ids.toArray(String[]::new)));
  }

  /** Another one whenever more, or less, is known of any tool that was out of use. */
  public UUID toolsOutMark() {
    return UUID.nameUUIDFromBytes(
        new TreeMap<>(out(mapper.entries()).spans()).toString().getBytes(StandardCharsets.UTF_8));
  }

  private static ToolsOut out(List<ToolEntryRow> entries) {
    Map<UUID, List<ToolEntryRow>> logs =
        entries.stream().collect(Collectors.groupingBy(ToolEntryRow::toolId));
    Map<String, List<ToolStanding.Span>> spans = new HashMap<>();
    logs.forEach(
        (id, log) -> {
          List<ToolStanding.Span> out =
              ToolStanding.of(log.stream().map(ToolEntryRow::entry).toList()).spans();
          if (!out.isEmpty()) {
            spans.put(id.toString(), out);
          }
        });
    return new ToolsOut(spans);
  }

  /** Counts each pull as one use of its tool; the same entry once. */
  @EventListener
  void count(ToolsUsed used) {
    mapper.use(used.uses());
  }

  /**
   * A tool that comes into the crib; sent again it is taken once.
   *
   * @param calibratedOn day of its last calibration; null when never
   * @throws Refusal where another has its name
   */
  @Transactional
  public void bring(ToolRow tool, @Nullable LocalDate calibratedOn, Instant at, Signature by) {
    if (mapper.byId(tool.id()) != null) {
      return;
    }
    check(tool);
    mapper.add(tool, by, at);
    if (calibratedOn != null) {
      new Problems()
          .require(
              !calibratedOn.isAfter(LocalDate.ofInstant(at, java.time.ZoneOffset.UTC).plusDays(1)),
              "calibratedOn",
              "lies in the future.")
          .orThrow();
      mapper.write(
          new ToolEntryRow(
              UUID.nameUUIDFromBytes((tool.id() + ".first").getBytes(StandardCharsets.UTF_8)),
              tool.id(),
              ToolEntry.Kind.CALIBRATED,
              calibratedOn,
              true,
              "as its certificate says, entered with the tool",
              "{}",
              by.name(),
              by.id(),
              at));
    }
  }

  /**
   * Changes what is known of a tool.
   *
   * @throws Refusal when somebody was quicker, or another tool has its name
   */
  @Transactional
  public void change(ToolRow tool) {
    ToolRow now = row(tool.id());
    check(tool);
    if (mapper.change(tool) == 0) {
      throw Refusal.stale(tool.version(), now.version());
    }
  }

  /**
   * A tool as it may be kept.
   *
   * @throws app.unimetric.core.problem.InvalidInput with each field that is not as it should be
   */
  static ToolRow checked(ToolRow tool) {
    Problems problems =
        new Problems()
            .require(
                !tool.name().isBlank() && tool.name().length() <= LONGEST_NAME,
                "name",
                "must have 1 to 100 characters: what people call it.")
            .require(
                tool.cyclesBefore() >= 0 && tool.cyclesBefore() <= 1_000_000,
                "cycles",
                "must be 0 to 1 000 000.");
    problems.under("", () -> tool.tool(ToolStanding.of(List.of()), 0));
    problems.orThrow();
    return tool;
  }

  private void check(ToolRow tool) {
    checked(tool);
    ToolRow same = mapper.named(tool.name());
    if (same != null && !same.id().equals(tool.id())) {
      throw Refusal.conflict(
          "There is a tool called “" + same.name() + "”; call this one otherwise.", Map.of());
    }
  }

  private ToolRow row(UUID id) {
    ToolRow found = mapper.byId(id);
    if (found == null) {
      throw Refusal.notFound("This tool");
    }
    return found;
  }

  KeptTool tool(UUID id) {
    return kept().stream()
        .filter(t -> t.row().id().equals(id))
        .findFirst()
        .orElseThrow(() -> Refusal.notFound("This tool"));
  }

  /**
   * Writes down what happened to a tool, once however often it is sent. One that puts it out is
   * told to all that hang on it.
   *
   * @param entry of a tool as it stands
   */
  @Transactional
  public void write(UUID toolId, Function<KeptTool, ToolEntryRow> entry) {
    KeptTool before = tool(toolId);
    ToolEntryRow written = entry.apply(before);
    if (mapper.write(written) == 0) {
      return;
    }
    ToolStanding was = before.standing();
    ToolStanding now = tool(toolId).standing();
    String why = now.out();
    if (was.out() == null && why != null) {
      Instant good = was.lastGood();
      events.publishEvent(
          new ToolFailed(
              toolId,
              before.row().name(),
              why,
              good,
              mapper.usesAfter(toolId, good == null ? EVER : good.toString()),
              written.saidAt()));
    }
  }

  /** Keys, sockets and special tools; null while nobody has listed any. */
  public @Nullable HandTools handTools() {
    List<HandTool> said = mapper.handTools();
    return said.isEmpty()
        ? null
        : HandTools.of(said.stream().filter(HandTool::here).map(HandTool::name).toList());
  }

  /** What was said last of each key, socket and special tool. */
  List<HandTool> handToolsSaid() {
    return mapper.handTools();
  }

  /** Writes down that a tool is there, or no longer; a resend changes nothing. */
  public void say(HandTool tool) {
    mapper.say(tool);
  }
}
