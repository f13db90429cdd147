package app.unimetric.core.bench;

import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.sequence.FastenerPosition;
import app.unimetric.core.sequence.Layout;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the bench shows of a joint.
 *
 * @param stated the governing value as stated
 * @param compound what goes on the thread, in words
 * @param direction which way tightens
 * @param leftHand whether that is unusual
 */
public record RunJoint(
    String id,
    String title,
    String thread,
    int count,
    Layout layout,
    List<FastenerPosition> positions,
    boolean critical,
    String stated,
    @Nullable TorqueBand band,
    @Nullable Double aimNm,
    @Nullable Double ceilingNm,
    String compound,
    String direction,
    boolean leftHand) {}
