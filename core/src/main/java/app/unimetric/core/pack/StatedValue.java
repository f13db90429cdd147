package app.unimetric.core.pack;

import app.unimetric.core.spec.SpecValue;

/**
 * A value and the document it stands in.
 *
 * @param document title and place, as a person would look it up
 */
public record StatedValue(SpecValue value, String document) {}
