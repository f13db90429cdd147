package app.unimetric.documents.settings;

import app.unimetric.core.pack.School;
import app.unimetric.core.pack.Schools;
import app.unimetric.core.plan.Policy;
import app.unimetric.core.plan.SecondLook;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.recheck.RecheckRule;
import app.unimetric.core.stated.Aim;
import app.unimetric.core.stated.Tolerances;
import app.unimetric.documents.Versioned;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Settings as they are stored. */
public final class SettingsDocument {
  private record Stored(
      String name,
      TorqueUnit unit,
      String zone,
      Aim aim,
      double tolerancePercent,
      double criticalTolerancePercent,
      @Nullable Integer lookAgainMinutes,
      List<RecheckRule> always,
      List<RecheckRule> settling,
      List<RecheckRule> wheel,
      WorkshopSettings.Doors doors,
      String currency,
      WorkshopSettings.Decimals decimals,
      Map<School, String> schools,
      double benchC,
      List<Right> ofLeads) {}

  private static final Versioned<Stored> FORMAT =
      new Versioned<>("set of settings", Stored.class, List.of());

  private SettingsDocument() {}

  /** Writes settings. */
  public static String write(WorkshopSettings s) {
    Policy p = s.policy();
    return FORMAT.write(
        new Stored(
            s.name(),
            s.unit(),
            s.zone(),
            p.aim(),
            p.tolerances().usualPercent(),
            p.tolerances().criticalPercent(),
            p.secondLook().selfAfterMinutes(),
            p.always(),
            p.settling(),
            p.wheel(),
            s.doors(),
            s.currency(),
            s.decimals(),
            p.schools().chosen(),
            s.benchC(),
            s.ofLeads().stream().sorted().toList()));
  }

  /** Reads settings. */
  public static WorkshopSettings read(String text) {
    Stored s = FORMAT.read(text);
    return new WorkshopSettings(
        s.name(),
        s.unit(),
        s.zone(),
        new Policy(
            s.aim(),
            new Tolerances(s.tolerancePercent(), s.criticalTolerancePercent()),
            new SecondLook(s.lookAgainMinutes()),
            s.always(),
            s.settling(),
            s.wheel(),
            new Schools(s.schools())),
        s.doors(),
        s.currency(),
        s.decimals(),
        s.benchC(),
        Set.copyOf(s.ofLeads()));
  }
}
