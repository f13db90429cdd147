package app.unimetric.documents.pack;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.stated.Trait;
import app.unimetric.core.surface.Circumstance;
import app.unimetric.core.surface.Situation;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What counts of a joint where its document says nothing, by the names of its fields: read from a
 * joint that says as little as may be, so that it is said in one place only.
 */
public final class UnsaidOfAJoint {
  private static final String LEAST =
      """
      {"format": "unimetric-pack", "version": 1, "key": "k", "title": "t", "summary": "s",
       "machineKind": "BICYCLE", "fits": "f",
       "joints": [{"id": "j", "title": "j", "thread": "M8", "count": 1, "surface": {}, "slots": ["s"]}]}
      """;

  private UnsaidOfAJoint() {}

  /** By field, such as {@code surface.lock}: the code that counts. */
  public static Map<String, String> byField() {
    JobPack pack = new PackReader().read(LEAST);
    PackJoint joint = pack.joints().get(0);
    Situation on = joint.situation();
    Map<String, String> unsaid = new LinkedHashMap<>();
    unsaid.put("head", joint.fastener().head().name());
    unsaid.put("hand", joint.fastener().hand().name());
    unsaid.put("layout", joint.pattern().layout().name());
    unsaid.put("role", joint.duty().role().name());
    unsaid.put("turn", joint.turning().end().name());
    unsaid.put("usedOnce", String.valueOf(joint.turning().usedOnce()));
    unsaid.put("tried", String.valueOf(joint.isTried()));
    unsaid.put("surface.bolt", on.bolt().name());
    unsaid.put("surface.female", on.female().name());
    unsaid.put("surface.lock", on.lock().name());
    unsaid.put("surface.kind", on.surface().name());
    unsaid.put("surface.hole", on.hole().name());
    unsaid.put("surface.vibrates", holds(on, Circumstance.VIBRATES));
    unsaid.put("surface.mustComeApart", holds(on, Circumstance.COMES_APART));
    unsaid.put("surface.nearPlastic", holds(on, Circumstance.NEAR_PLASTIC));
    unsaid.put("surface.nearCarbon", holds(on, Circumstance.NEAR_CARBON));
    unsaid.put("critical", String.valueOf(joint.duty().isCritical()));
    unsaid.put("carbon", String.valueOf(joint.duty().is(Trait.CARBON)));
    unsaid.put("softThread", String.valueOf(joint.duty().is(Trait.SOFT_THREAD)));
    unsaid.put("settles", String.valueOf(joint.duty().is(Trait.SETTLES)));
    unsaid.put("wheel", String.valueOf(joint.duty().is(Trait.WHEEL)));
    unsaid.put("control", String.valueOf(joint.duty().is(Trait.CONTROL)));
    return unsaid;
  }

  private static String holds(Situation on, Circumstance circumstance) {
    return String.valueOf(on.circumstances().contains(circumstance));
  }
}
