package app.unimetric.core.pack;

/** A part that is used once and must be at hand before the job starts. */
public record OneTimePart(String name, int count) {}
