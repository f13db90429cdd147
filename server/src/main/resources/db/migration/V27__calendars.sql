-- Calendars that people subscribed to. Of the secret in an address only its digest is kept.
CREATE TABLE calendar_feed (
  id uuid PRIMARY KEY,
  digest text NOT NULL UNIQUE,
  name text NOT NULL,
  made_by text NOT NULL,
  made_by_id uuid NOT NULL,
  made_at timestamptz NOT NULL,
  last_read_at timestamptz,
  revoked_by text,
  revoked_by_id uuid,
  revoked_at timestamptz
);
