package app.unimetric.core.bench;

import org.jspecify.annotations.Nullable;

/**
 * One torque of a climb as it stands.
 *
 * @param stepId of its slip test
 * @param settingNm what the tool is set to for it, N·m; null where it cannot be set
 * @param now whether it is in hand
 * @param slipped whether it was tested and slips
 * @param held whether it was tested and holds
 */
public record ClimbedTorque(
    String stepId, @Nullable Double settingNm, boolean now, boolean slipped, boolean held) {}
