package app.unimetric.server.settings;

import java.time.Instant;
import java.util.UUID;

/** Settings as stored; the document is JSON. */
record SettingsRow(int version, UUID id, String document, String saidBy, Instant saidAt) {}
