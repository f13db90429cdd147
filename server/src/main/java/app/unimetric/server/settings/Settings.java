package app.unimetric.server.settings;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.plan.Policy;
import app.unimetric.documents.settings.Right;
import app.unimetric.documents.settings.SettingsDocument;
import app.unimetric.documents.settings.WorkshopSettings;
import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;

/** The workshop's settings: each change is kept, the latest counts. */
@Service
public class Settings {
  /** Read again at least this often, so that what one server was told holds at all. */
  private static final long FRESH_NANOS = TimeUnit.SECONDS.toNanos(1);

  private final SettingsMapper mapper;
  private volatile @Nullable Read read;

  Settings(SettingsMapper mapper) {
    this.mapper = mapper;
  }

  /**
   * Settings with when and by whom they were made.
   *
   * @param version 0 while nobody has set anything
   * @param saidBy empty while nobody has
   */
  public record Dated(
      WorkshopSettings settings, int version, String saidBy, @Nullable Instant saidAt) {}

  /** By whose rules a plan is made, in words. */
  public String rulesInWords(ZoneId zone) {
    Dated now = current();
    Instant at = now.saidAt();
    return at == null
        ? "Planned by the usual rules; the workshop has set none of its own."
        : "Planned by the workshop’s rules, change "
            + now.version()
            + " of "
            + LocalDate.ofInstant(at, zone)
            + " by "
            + now.saidBy()
            + ".";
  }

  private record Read(Dated dated, long nanos) {}

  /** What holds now; as it was last known while the database is away. */
  public Dated current() {
    Read known = read;
    if (known != null && System.nanoTime() - known.nanos() < FRESH_NANOS) {
      return known.dated();
    }
    try {
      Dated now = dated(mapper.latest());
      read = new Read(now, System.nanoTime());
      return now;
    } catch (DataAccessException e) {
      if (known == null) {
        throw e;
      }
      return known.dated();
    }
  }

  /** Whether somebody may do what a workshop can keep to its leads. */
  public boolean allow(Right right, boolean isLead) {
    return isLead || !current().settings().ofLeads().contains(right);
  }

  /**
   * @throws Refusal where the workshop keeps it to its leads
   */
  public void check(Right right, boolean isLead) {
    if (!allow(right, isLead)) {
      throw Refusal.forbidden("Only leads may " + right.words() + " in this workshop.");
    }
  }

  public Policy policy() {
    return current().settings().policy();
  }

  private static Dated dated(@Nullable SettingsRow row) {
    return row == null
        ? new Dated(WorkshopSettings.USUAL, 0, "", null)
        : new Dated(
            SettingsDocument.read(row.document()), row.version(), row.saidBy(), row.saidAt());
  }

  public List<SettingsChange> changes() {
    return mapper.changes();
  }

  /**
   * Sets what holds from now on; a resend changes nothing.
   *
   * @param id made by the sender
   * @param version of the settings as last seen
   * @throws Refusal when somebody was quicker
   */
  public Dated change(UUID id, int version, WorkshopSettings changed, Instant at, Signature by) {
    SettingsRow same = mapper.byId(id);
    if (same != null) {
      return dated(same);
    }
    Dated before = dated(mapper.latest());
    if (before.version() != version) {
      throw Refusal.stale(version, before.version());
    }
    List<String> words = changed.changesFrom(before.settings());
    if (!words.isEmpty()) {
      try {
        mapper.add(
            version + 1, id, SettingsDocument.write(changed), words.toArray(String[]::new), by, at);
      } catch (DuplicateKeyException e) {
        throw Refusal.stale(version, version + 1);
      }
    }
    read = null;
    return current();
  }
}
