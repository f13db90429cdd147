package app.unimetric.server.settings;

import java.time.Instant;

/**
 * One change of the settings.
 *
 * @param changed what was changed, from what to what, one to a line
 */
public record SettingsChange(int version, String changed, String saidBy, Instant saidAt) {}
