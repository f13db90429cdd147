package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.fit.ZeroOffset;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.DateTimeParseException;
import java.time.temporal.TemporalAccessor;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** The log of a power meter's zero offset. */
@ComputeCall
public final class ZeroOffsetCall implements FitAsked<ZeroOffsetCall.Request> {
  private static final DateTimeFormatter ISO =
      new DateTimeFormatterBuilder()
          .append(DateTimeFormatter.ISO_LOCAL_DATE)
          .optionalStart()
          .appendLiteral('T')
          .append(DateTimeFormatter.ISO_LOCAL_TIME)
          .optionalStart()
          .appendOffsetId()
          .toFormatter();

  @Schema(name = "ZeroReading")
  public record Reading(
      @Schema(description = "a date, or a date and time, ISO 8601; without an offset UTC")
          String at,
      @Schema(description = "as the display shows it, in its unit") double value) {}

  @Schema(
      name = "ZeroOffsetRequest",
      example =
          "{\"readings\": [{\"at\": \"2026-11-01\", \"value\": 512}, {\"at\": \"2026-11-08T09:30:00Z\", \"value\": 515}]}")
  public record Request(
      @Schema(description = "2 or more, in the order of time") List<Reading> readings,
      @Schema(
              description =
                  "most spread its maker allows; left out: a twentieth of the mean, at least 1")
          @Nullable Double limit) {}

  @Schema(
      name = "ZeroOffsetResponse",
      description =
          "in the unit of the readings: last less first, highest less lowest, slope of the line through them, and the limit it was judged by")
  public record Response(
      double drift,
      double spread,
      double trendPerDay,
      boolean stable,
      double limit,
      @Nullable FitVerdict inShort,
      List<String> fails,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Override
  public FitCall call() {
    return FitCall.ZERO_OFFSET;
  }

  @Operation(summary = "Whether a power meter holds its zero")
  @PostMapping("/zero-offset")
  Response zero(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    ZeroOffset z = judge(r);
    return new Response(
        z.drift(),
        z.spread(),
        z.trendPerDay(),
        z.stable(),
        z.limit(),
        z.inShort(),
        z.fails(),
        z.reasons(),
        why ? z.derivation() : null);
  }

  @Override
  public ZeroOffset judge(Request r) {
    Fields.noNulls(r.readings(), "readings");
    List<ZeroOffset.Reading> readings = new ArrayList<>();
    for (int i = 0; i < r.readings().size(); i++) {
      Reading one = r.readings().get(i);
      readings.add(
          new ZeroOffset.Reading(instant(one.at(), "readings[" + i + "].at"), one.value()));
    }
    return ZeroOffset.of(readings, r.limit());
  }

  private static Instant instant(String text, String field) {
    try {
      TemporalAccessor read =
          ISO.parseBest(text, OffsetDateTime::from, LocalDateTime::from, LocalDate::from);
      if (read instanceof OffsetDateTime exact) {
        return exact.toInstant();
      }
      return read instanceof LocalDateTime local
          ? local.toInstant(ZoneOffset.UTC)
          : LocalDate.from(read).atStartOfDay().toInstant(ZoneOffset.UTC);
    } catch (DateTimeParseException e) {
      throw InvalidInput.at(field, "is no date such as 2026-11-01 or 2026-11-01T09:30.");
    }
  }
}
