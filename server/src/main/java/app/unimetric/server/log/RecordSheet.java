package app.unimetric.server.log;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.Entry;
import app.unimetric.core.bench.RunStep;
import app.unimetric.core.bench.SlotAhead;
import app.unimetric.core.photograph.Moment;
import app.unimetric.core.photograph.Photograph;
import app.unimetric.core.quantity.Figure;
import app.unimetric.server.paper.QrCode;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A signed record in the words of its paper. */
record RecordSheet(
    String title,
    String machine,
    String jobId,
    String fingerprint,
    List<String> signed,
    String qrSvg,
    List<Joint> joints,
    List<Line> entries,
    boolean addedTo,
    List<Line> addenda,
    boolean photographed,
    List<Picture> pictures) {
  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm:ss", Locale.ROOT);

  /** One joint as it was left. */
  record Joint(
      String title,
      String fasteners,
      String stated,
      String band,
      String compound,
      List<Final> finals,
      String tools) {}

  /** One torque of the last pass. */
  record Final(String fastener, String shown, boolean outside) {}

  /** Something said, when and by whom. */
  record Line(String when, String where, String what, String by) {}

  /** A photograph, small, its bytes in its address. */
  record Picture(String src, String moment, Line line) {}

  /**
   * @param small photographs as they stand in a row of others, by their ids
   */
  static RecordSheet of(
      RecordPapers.Open open, String address, ZoneId zone, Function<UUID, byte[]> small) {
    AsBuilt built = open.built();
    ListedRecord line = open.line();
    return new RecordSheet(
        line.title() + ", job " + line.number(),
        line.machineName() + ", " + line.machineModel(),
        line.jobId().toString(),
        open.row().fingerprint(),
        signed(open, zone),
        QrCode.svg(address),
        built.joints().stream().map(RecordSheet::joint).toList(),
        built.run().entries().stream().map(e -> entry(e, built, zone)).toList(),
        !open.addenda().isEmpty(),
        open.addenda().stream()
            .map(a -> new Line(moment(a.saidAt(), zone), "", a.words(), a.saidBy()))
            .toList(),
        !open.photographs().isEmpty(),
        open.photographs().stream().map(p -> picture(p, built, zone, small)).toList());
  }

  private static Picture picture(
      Photograph p, AsBuilt built, ZoneId zone, Function<UUID, byte[]> small) {
    return new Picture(
        "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(small.apply(p.id())),
        Moment.of(built.sheet(), p.stepId()).words(),
        new Line(
            moment(p.time().doneAt(), zone),
            built.sheet().step(p.stepId()).map(RunStep::title).orElse(""),
            p.words(),
            p.by().name()));
  }

  private static List<String> signed(RecordPapers.Open open, ZoneId zone) {
    List<String> words = new ArrayList<>();
    words.add(
        "Begun by "
            + open.built().startedBy()
            + ", "
            + moment(open.built().startedAt(), zone)
            + ". Entries by "
            + String.join(", ", open.built().people())
            + ".");
    Entry look = open.built().run().secondLook();
    if (look != null && look.event().witness() != null) {
      words.add(
          "Looked at by "
              + look.event().witness().name()
              + ", "
              + moment(look.event().time().doneAt(), zone)
              + ".");
    }
    words.add(
        "Signed by "
            + open.line().signedBy()
            + ", "
            + moment(open.line().signedAt(), zone)
            + " ("
            + zone
            + ").");
    return words;
  }

  private static String target(AsBuilt.JointAsBuilt built) {
    Double climbed = built.climbedToNm();
    String band = built.joint().band() == null ? "" : built.joint().band().toString();
    return climbed == null ? band : "climbed to " + newtonMetres(climbed) + ", within " + band;
  }

  private static Joint joint(AsBuilt.JointAsBuilt built) {
    return new Joint(
        built.joint().title() + (built.joint().critical() ? " (critical)" : ""),
        built.joint().count() + " × " + built.joint().thread(),
        built.joint().stated(),
        target(built),
        built.joint().onThread().compound()
            + (built.product() == null ? "" : ": " + built.product().words()),
        Stream.concat(built.finals().stream(), built.slots().stream())
            .map(
                e ->
                    new Final(
                        e.event().fastener() == null ? "" : String.valueOf(e.event().fastener()),
                        e.shown() == null ? newtonMetres(e.torqueNm()) : e.shown() + there(e),
                        e.isDeviation()))
            .toList(),
        String.join(", ", built.tools()));
  }

  private static Line entry(Entry entry, AsBuilt built, ZoneId zone) {
    RunStep step = built.sheet().step(entry.event().stepId()).orElse(null);
    Integer fastener = entry.event().fastener();
    String what =
        Stream.of(
                entry.words().said(),
                entry.shown() == null ? null : entry.shown() + there(entry),
                entry.event().reason(),
                entry.words().came(),
                entry.acceptedReason() == null ? null : "let stand: " + entry.acceptedReason(),
                entry.notCounted() == null ? null : "did not count: " + entry.notCounted(),
                entry.correctedBy() == null ? null : "corrected later")
            .filter(Objects::nonNull)
            .collect(Collectors.joining("; "));
    return new Line(
        moment(entry.event().time().doneAt(), zone),
        (step == null ? entry.event().stepId() : step.group() + ": " + step.title())
            + (fastener == null ? "" : ", fastener " + fastener),
        what,
        entry.event().by().name());
  }

  /** What a nut comes to at its slot, as estimated; empty where nothing is turned on. */
  private static String there(Entry entry) {
    SlotAhead slot = entry.event().slot();
    return slot == null || slot.isAligned() || entry.torqueNm() == null
        ? ""
        : ", about " + Figure.rounded(entry.torqueNm(), 1) + " N·m there";
  }

  private static String newtonMetres(@Nullable Double torqueNm) {
    return torqueNm == null ? "" : Figure.typed(torqueNm) + " N·m";
  }

  private static String moment(Instant at, ZoneId zone) {
    return MOMENT.format(at.atZone(zone));
  }
}
