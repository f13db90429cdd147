package app.unimetric.server.crib;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.Setting;
import app.unimetric.core.tool.ToolChoice;
import app.unimetric.server.people.SignedIn;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The workshop's torque tools, asked for one band. */
@RestController
class CribController {
  private final Crib crib;
  private final Clock clock;

  CribController(Crib crib, Clock clock) {
    this.crib = crib;
    this.clock = clock;
  }

  /**
   * @param id made by the sender
   * @param name of the key, socket or special tool
   * @param here whether it is in the crib now
   */
  record NewHandTool(UUID id, String name, boolean here) {}

  /** Writes down that a key, socket or special tool is in the crib, or no longer. */
  @PostMapping("/api/crib/hand-tools")
  HandTool say(@RequestBody NewHandTool t, @AuthenticationPrincipal SignedIn person) {
    HandTool said =
        new HandTool(
            t.id(), t.name().strip(), t.here(), person.name(), person.id(), clock.instant());
    crib.say(said);
    return said;
  }

  /**
   * A tool of the crib judged for a band.
   *
   * @param setting what to set on its scale; null when it cannot be set for the band
   */
  record CribChoice(
      String name,
      boolean usable,
      Setting.Status status,
      @Nullable String setting,
      List<String> reasons) {}

  /**
   * The crib ranked for a band, best first; only tools of one span when that is named.
   *
   * @param spanMinNm with spanMaxNm: the span of the tool asked for, N·m
   */
  @GetMapping("/api/crib/choices")
  List<CribChoice> choices(
      @RequestParam double bandMinNm,
      @RequestParam double bandMaxNm,
      @RequestParam(required = false) @Nullable Double aimNm,
      @RequestParam(required = false) @Nullable Double capNm,
      @RequestParam(required = false) @Nullable Double spanMinNm,
      @RequestParam(required = false) @Nullable Double spanMaxNm) {
    Problems problems =
        new Problems()
            .within(bandMinNm, 0, Torque.MAX_NM, "bandMinNm")
            .positive(bandMaxNm, Torque.MAX_NM, "bandMaxNm")
            .require(!(bandMinNm > bandMaxNm), "bandMinNm", "must not be above bandMaxNm.");
    if (aimNm != null) {
      problems.positive(aimNm, Torque.MAX_NM, "aimNm");
    }
    if (capNm != null) {
      problems.positive(capNm, Torque.MAX_NM, "capNm");
    }
    problems.orThrow();
    List<CribTool> tools =
        spanMinNm == null || spanMaxNm == null
            ? crib.tools()
            : crib.tools().stream().filter(t -> t.spans(spanMinNm, spanMaxNm)).toList();
    TorqueBand band = TorqueBand.of(bandMinNm, bandMaxNm);
    return ToolChoice.rank(band, aimNm, capNm, false, tools, LocalDate.now(clock)).stream()
        .map(
            c ->
                new CribChoice(
                    c.tool().name(),
                    c.usable(),
                    c.setting().status(),
                    c.setting().reading() == null ? null : c.setting().reading().text(),
                    c.reasons()))
        .toList();
  }
}
