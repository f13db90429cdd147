package app.unimetric.documents.pack;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What counts of a joint where its document says nothing. */
class UnsaidOfAJointTest {
  @Test
  void isWhatAMechanicWouldTakeItFor() {
    assertThat(UnsaidOfAJoint.byField())
        .containsEntry("head", "HEX")
        .containsEntry("hand", "RIGHT")
        .containsEntry("layout", "CIRCLE")
        .containsEntry("role", "CLAMP")
        .containsEntry("turn", "BOLT")
        .containsEntry("surface.lock", "NONE")
        .containsEntry("surface.female", "STEEL")
        .containsEntry("surface.hole", "THROUGH")
        .containsEntry("surface.mustComeApart", "true")
        .containsEntry("surface.vibrates", "false")
        .containsEntry("critical", "false")
        .containsEntry("control", "false")
        .containsEntry("tried", "false")
        .hasSize(22);
  }
}
