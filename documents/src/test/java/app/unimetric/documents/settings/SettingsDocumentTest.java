package app.unimetric.documents.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.pack.School;
import app.unimetric.core.pack.Schools;
import app.unimetric.core.plan.Policy;
import app.unimetric.core.plan.SecondLook;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.recheck.RecheckRule;
import app.unimetric.core.stated.Aim;
import app.unimetric.core.stated.Tolerances;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SettingsDocumentTest {
  @Test
  void whatIsStoredComesBackAsItWas() {
    WorkshopSettings own =
        new WorkshopSettings(
            "Zz moor",
            TorqueUnit.FOOT_POUND,
            "Europe/Oslo",
            new Policy(
                Aim.UPPER_THIRD,
                new Tolerances(8, 4),
                new SecondLook(45),
                List.of(),
                List.of(RecheckRule.SETTLING, RecheckRule.FIRST_RIDE),
                List.of(RecheckRule.WHEEL),
                new Schools(Map.of(School.CLICK, "twice", School.CUPS, "seize"))),
            new WorkshopSettings.Doors(60, 30, 15, 6),
            "NOK",
            WorkshopSettings.Decimals.COMMA,
            12,
            Set.of(Right.KEEP_TOOLS));
    assertThat(SettingsDocument.read(SettingsDocument.write(own))).isEqualTo(own);
    assertThat(SettingsDocument.read(SettingsDocument.write(WorkshopSettings.USUAL)))
        .isEqualTo(WorkshopSettings.USUAL);
  }

  @ParameterizedTest
  @CsvSource({
    "'', Europe/Oslo, EUR, name",
    "Moor, Atlantis/West, EUR, zone",
    "Moor, '', euro, currency",
  })
  void whatIsWrongIsSaidAtItsField(String name, String zone, String currency, String field) {
    assertThatThrownBy(
            () ->
                new WorkshopSettings(
                    name,
                    TorqueUnit.NEWTON_METRE,
                    zone,
                    Policy.USUAL,
                    WorkshopSettings.Doors.USUAL,
                    currency,
                    WorkshopSettings.Decimals.POINT,
                    20,
                    Set.of()))
        .isInstanceOfSatisfying(
            InvalidInput.class,
            e -> assertThat(e.problems()).extracting(p -> p.field()).containsExactly(field));
  }

  @Test
  void eachChangeIsSaidInWords() {
    WorkshopSettings usual = WorkshopSettings.USUAL;
    WorkshopSettings own =
        new WorkshopSettings(
            usual.name(),
            usual.unit(),
            usual.zone(),
            usual.policy().withSchools(new Schools(Map.of(School.CONTROLS, "fall"))),
            usual.doors(),
            usual.currency(),
            usual.decimals(),
            12,
            Set.of(Right.BRING_SHEETS, Right.SET_RATE, Right.KEEP_TOOLS));
    assertThat(own.changesFrom(usual))
        .containsExactly(
            "where products set it has: 20 °C → 12 °C",
            "Controls on a bar: firm: aimed at like any other joint → just able to turn in a fall: the lower third of the band, tested not to move under braking",
            "to bring tools in, write their log, retire them: mechanics and leads → leads");
  }

  @ParameterizedTest
  @CsvSource({"4, 30, 30, 4", "30, 1441, 30, 4", "30, 30, 0, 4", "30, 30, 30, 3", "30, 30, 30, 9"})
  void doorsStayWithinReason(int mechanic, int lead, int guest, int pin) {
    assertThatThrownBy(() -> new WorkshopSettings.Doors(mechanic, lead, guest, pin))
        .isInstanceOf(InvalidInput.class);
  }
}
