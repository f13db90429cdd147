-- Who tried to come in, counted here so that all servers count together.
CREATE TABLE sign_in_try (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  kind text NOT NULL CHECK (kind IN ('PASSWORD', 'PIN', 'KEY')),
  name text NOT NULL,
  address text NOT NULL,
  was_right boolean NOT NULL DEFAULT false,
  tried_at timestamptz NOT NULL DEFAULT clock_timestamp()
);
CREATE INDEX ON sign_in_try (name, address, tried_at DESC);
CREATE INDEX ON sign_in_try (address, tried_at DESC);

-- What happened at the doors: only added to.
CREATE TABLE audit_entry (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  kind text NOT NULL,
  who text NOT NULL CHECK (length(who) <= 100),
  about text NOT NULL CHECK (length(about) <= 300),
  address text NOT NULL CHECK (length(address) <= 100),
  happened_at timestamptz NOT NULL DEFAULT clock_timestamp()
);
CREATE INDEX ON audit_entry (kind, id DESC);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON audit_entry FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- Backups that were made and could be read back.
CREATE TABLE backup_made (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  file text NOT NULL,
  bytes bigint NOT NULL,
  schema_version integer NOT NULL,
  made_at timestamptz NOT NULL DEFAULT clock_timestamp()
);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON backup_made FOR EACH ROW EXECUTE FUNCTION refuse_change();
