package app.unimetric.server.machine;

import static java.nio.charset.StandardCharsets.UTF_8;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.fit.MassChange;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackPart;
import app.unimetric.core.pack.PartRole;
import app.unimetric.core.problem.Problems;
import app.unimetric.server.event.SignedOff;
import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is fitted to machines, and where the parts lie that came off. */
@Service
public class Parts {
  private static final int LONGEST = 200;
  private final PartMapper mapper;
  private final Fleet fleet;

  Parts(PartMapper mapper, Fleet fleet) {
    this.mapper = mapper;
    this.fleet = fleet;
  }

  /** What a signed job fitted; looking again fits nothing. */
  @EventListener
  void fitted(SignedOff signed) {
    if (signed.pack().isLookAgain()) {
      return;
    }
    UUID fittedId = UUID.randomUUID();
    mapper.addFitted(
        fittedId,
        signed.machineId(),
        signed.jobId(),
        signed.part(),
        null,
        signed.day(),
        signed.by(),
        signed.at());
    keep(signed, fittedId);
  }

  /** Originals lie where the bench was told; a way back ends the keeping of what it puts on. */
  private void keep(SignedOff signed, UUID fittedId) {
    String place =
        signed.built().found().stream()
            .filter(f -> f.step().id().equals(JobPack.KEPT))
            .map(f -> f.entry().event().reason())
            .filter(Objects::nonNull)
            .findFirst()
            .orElse("not written down");
    UUID before = mapper.wayBackOf(signed.jobId());
    FittedPart leaves = before == null ? null : mapper.fittedBy(before);
    for (PackPart part : signed.pack().parts(PartRole.ORIGINAL_KEPT)) {
      UUID id = UUID.nameUUIDFromBytes((signed.jobId() + " " + part).getBytes(UTF_8));
      FittedPart itself = leaves != null && leaves.name().equals(part.name()) ? leaves : null;
      String name = part.count() == 1 ? part.name() : part.words();
      mapper.takeOff(
          id,
          signed.machineId(),
          itself == null ? null : itself.id(),
          shortened(name),
          itself == null ? null : itself.massG(),
          fittedId,
          signed.by(),
          signed.at());
      mapper.place(id, id, shortened(place), false, signed.by(), signed.at());
    }
    for (UUID part : mapper.wayBackParts(signed.jobId())) {
      mapper.place(
          UUID.nameUUIDFromBytes((signed.jobId() + " back " + part).getBytes(UTF_8)),
          part,
          "back on the machine, job " + signed.number(),
          true,
          signed.by(),
          signed.at());
    }
  }

  private static String shortened(String text) {
    return text.length() <= LONGEST ? text : text.substring(0, LONGEST - 1) + "…";
  }

  /** What came off when a job fitted its part, and is still kept. */
  public List<KeptPart> keptFor(UUID machineId, UUID jobId) {
    return mapper.kept(machineId).stream()
        .filter(p -> !p.gone() && jobId.equals(p.insteadJobId()))
        .toList();
  }

  /** What a job fitted, by name; empty where it fitted nothing that is known. */
  public String fittedBy(UUID jobId) {
    FittedPart part = mapper.fittedBy(jobId);
    return part == null ? "" : part.name();
  }

  /** A job puts parts on again that came off for another. */
  public void goesBack(UUID jobId, UUID ofJobId, List<KeptPart> parts) {
    mapper.addWayBack(jobId, ofJobId);
    parts.forEach(p -> mapper.addWayBackPart(jobId, p.id()));
  }

  List<FittedPart> fitted(UUID machineId) {
    return mapper.fitted(machineId);
  }

  List<KeptPart> kept(UUID machineId) {
    return mapper.kept(machineId);
  }

  /** What the machine carries more or less; null while no part was weighed before and after. */
  static @Nullable String massWords(List<KeptPart> kept) {
    double off = 0;
    double on = 0;
    boolean weighed = false;
    for (KeptPart part : kept) {
      Double before = part.massG();
      Double after = part.insteadMassG();
      if (before != null && after != null && !part.gone()) {
        off += before;
        on += after;
        weighed = true;
      }
    }
    return weighed ? MassChange.of(off, on, 0).carried() : null;
  }

  /**
   * A part that was fitted and one that came off for it; either may be missing.
   *
   * @param id made by the sender
   * @param fitted its name; empty when nothing was fitted
   * @param off what came off; empty when nothing did
   * @param offFittedId what came off, where it is known as fitted here
   * @param place where that one lies now
   */
  record Swap(
      UUID id,
      String fitted,
      @Nullable Double fittedG,
      String off,
      @Nullable UUID offFittedId,
      @Nullable Double offG,
      String place) {
    Swap {
      Problems problems =
          new Problems()
              .require(
                  !fitted.isBlank() || !off.isBlank(),
                  "fitted",
                  "is missing: say what was fitted or what came off.");
      for (Map.Entry<String, String> e :
          Map.of("fitted", fitted, "off", off, "place", place).entrySet()) {
        problems.require(
            e.getValue().length() <= LONGEST, e.getKey(), "is longer than 200 characters.");
      }
      problems
          .require(
              off.isBlank() || !place.isBlank(),
              "place",
              "is missing: say where it lies, or that it was thrown away.")
          .orThrow();
    }
  }

  /** Writes a swap down, once however often it is sent. */
  @Transactional
  public void swap(UUID machineId, Swap swap, LocalDate day, Instant at, Signature by) {
    fleet.machine(machineId);
    if (mapper.isWrittenDown(swap.id())) {
      return;
    }
    UUID off = swap.offFittedId();
    if (off != null && mapper.fitted(machineId).stream().noneMatch(p -> p.id().equals(off))) {
      throw Refusal.conflict(
          "“" + swap.off() + "” is not on this machine any more; look again.", Map.of());
    }
    UUID fittedId = swap.fitted().isBlank() ? null : swap.id();
    if (fittedId != null) {
      mapper.addFitted(
          fittedId, machineId, null, swap.fitted().strip(), swap.fittedG(), day, by, at);
    }
    if (!swap.off().isBlank()
        && mapper.takeOff(
                swap.id(),
                machineId,
                swap.offFittedId(),
                swap.off().strip(),
                swap.offG(),
                fittedId,
                by,
                at)
            > 0) {
      mapper.place(swap.id(), swap.id(), swap.place().strip(), false, by, at);
    }
  }

  /**
   * A kept part lies elsewhere, or is no longer kept.
   *
   * @param id made by the sender
   * @param place where, or what became of it
   */
  @Transactional
  public UUID move(UUID id, UUID partId, String place, boolean gone, Instant at, Signature by) {
    UUID machineId = mapper.machineOf(partId);
    if (machineId == null) {
      throw Refusal.notFound("This part");
    }
    new Problems()
        .require(
            !place.isBlank() && place.length() <= LONGEST,
            "place",
            "must have 1 to 200 characters: where it lies, or what became of it.")
        .orThrow();
    mapper.place(id, partId, place.strip(), gone, by, at);
    return machineId;
  }
}
