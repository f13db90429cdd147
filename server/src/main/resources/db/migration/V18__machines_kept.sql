-- Machines are changed and retired on screen, each change with who made it; found by any of their words.
ALTER TABLE machine
  ADD COLUMN retired_at timestamptz,
  ADD COLUMN words text GENERATED ALWAYS AS (
    lower(' ' || name || ' ' || make || ' ' || model || ' ' || model_year || ' ' || variant || ' ' || frame_number || ' ' || note)) STORED;
ALTER TABLE machine DROP CONSTRAINT machine_meter_check;
ALTER TABLE machine ADD CONSTRAINT machine_meter_check CHECK (meter IN ('KM', 'HOURS', 'NONE'));
CREATE INDEX ON machine USING gin (words gin_trgm_ops);
CREATE INDEX ON machine (lower(name));
CREATE INDEX ON machine (kind DESC, name);

CREATE TABLE machine_change (
  id uuid PRIMARY KEY,
  machine_id uuid NOT NULL REFERENCES machine,
  what text NOT NULL CHECK (length(what) BETWEEN 1 AND 2000),
  said_by text NOT NULL,
  said_by_id uuid REFERENCES person,
  said_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON machine_change (machine_id, server_order DESC);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON machine_change FOR EACH ROW EXECUTE FUNCTION refuse_change();
