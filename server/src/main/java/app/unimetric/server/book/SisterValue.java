package app.unimetric.server.book;

import app.unimetric.core.joint.FrictionCondition;
import java.util.UUID;

/**
 * What is stated for the same joint of another model, year or variant of the same make.
 *
 * @param of which machine it is stated for, in words
 * @param sameModel whether only year or variant differ
 */
public record SisterValue(
    UUID id,
    String of,
    boolean sameModel,
    String thread,
    String torque,
    String document,
    FrictionCondition condition) {}
