-- The book of stated values on screen: changed by a later entry, confirmed, noted, brought in many at once.
ALTER TABLE stated_value
  ADD COLUMN replaces uuid REFERENCES stated_value,
  ADD COLUMN brought_by uuid;
CREATE INDEX ON stated_value (replaces) WHERE replaces IS NOT NULL;
CREATE INDEX ON stated_value (brought_by) WHERE brought_by IS NOT NULL;
CREATE INDEX ON stated_value (server_order DESC);

CREATE TABLE stated_value_confirmed (
  id uuid PRIMARY KEY,
  value_id uuid NOT NULL REFERENCES stated_value,
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL
);
CREATE INDEX ON stated_value_confirmed (value_id);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON stated_value_confirmed FOR EACH ROW EXECUTE FUNCTION refuse_change();

CREATE TABLE stated_value_note (
  id uuid PRIMARY KEY,
  value_id uuid NOT NULL REFERENCES stated_value,
  words text NOT NULL CHECK (length(words) BETWEEN 1 AND 500),
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL
);
CREATE INDEX ON stated_value_note (value_id);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON stated_value_note FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- What a value is found by: its words run together, searched by parts of them.
ALTER TABLE stated_value ADD COLUMN words text GENERATED ALWAYS AS (
  lower(' ' || make || ' ' || model || ' ' || variant || ' ' || place || ' ' || thread || ' ' || typed || ' ' || document)) STORED;
CREATE INDEX ON stated_value USING gin (words gin_trgm_ops);

-- A sheet brought in: looked at line by line before it counts.
CREATE TABLE value_import (
  id uuid PRIMARY KEY,
  name text NOT NULL,
  taken_for text NOT NULL,
  state text NOT NULL CHECK (state IN ('LOOKED_AT', 'ACCEPTED', 'UNDONE', 'DROPPED')),
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL,
  settled_by text,
  settled_at timestamptz
);
CREATE TABLE value_import_line (
  import_id uuid NOT NULL REFERENCES value_import,
  line bigint NOT NULL,
  cells json NOT NULL,
  standing text NOT NULL CHECK (standing IN ('NEW', 'CHANGED', 'SAME', 'CONFLICT', 'DOUBTFUL', 'REFUSED', 'LEFT_OUT')),
  spec json,
  said json NOT NULL,
  replaces uuid,
  PRIMARY KEY (import_id, line)
);
CREATE INDEX ON value_import_line (import_id, standing, line);
