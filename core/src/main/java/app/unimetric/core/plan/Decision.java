package app.unimetric.core.plan;

import app.unimetric.core.quantity.TorqueUnit;
import org.jspecify.annotations.Nullable;

/**
 * A lead's word on values that disagree.
 *
 * @param jointId the joint
 * @param valueId the value that holds
 * @param readAs the unit its figure is to be read in, when the stated one is a slip; null as stated
 * @param reason why
 * @param by who decided
 */
public record Decision(
    String jointId, String valueId, @Nullable TorqueUnit readAs, String reason, String by) {}
