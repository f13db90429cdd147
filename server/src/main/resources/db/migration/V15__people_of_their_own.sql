-- People are brought in by a lead and choose password and PIN themselves; nobody is deleted.
ALTER TABLE person
  ALTER COLUMN password_hash DROP NOT NULL,
  ADD COLUMN invitation_hash text,
  ADD COLUMN invited_until timestamptz,
  ADD COLUMN shut_out boolean NOT NULL DEFAULT false,
  ADD COLUMN retired_at timestamptz,
  ADD COLUMN sessions_from timestamptz NOT NULL DEFAULT 'epoch',
  ADD COLUMN version integer NOT NULL DEFAULT 1;
ALTER TABLE person DROP CONSTRAINT person_name_key;
CREATE UNIQUE INDEX person_name_key ON person (lower(name));

-- Who changed what of whom.
CREATE TABLE person_change (
  id uuid PRIMARY KEY,
  person_id uuid NOT NULL REFERENCES person,
  what text NOT NULL CHECK (length(what) BETWEEN 1 AND 200),
  said_by text NOT NULL,
  said_by_id uuid REFERENCES person,
  said_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON person_change (person_id, server_order DESC);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON person_change FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- What is stored of a session is a digest of its id; those open until now end.
DELETE FROM SPRING_SESSION;
ALTER TABLE SPRING_SESSION ALTER COLUMN SESSION_ID TYPE VARCHAR(64);

-- What the workshop decided for itself: each change a whole document, the latest counts.
CREATE TABLE workshop_settings (
  version integer PRIMARY KEY,
  id uuid NOT NULL UNIQUE,
  document json NOT NULL,
  changed text[] NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid REFERENCES person,
  said_at timestamptz NOT NULL
);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON workshop_settings FOR EACH ROW EXECUTE FUNCTION refuse_change();
