-- Number plate and owner of a machine, miles, doubles that are one machine, parts with their mass and where the originals lie.
ALTER TABLE machine DROP COLUMN words;
ALTER TABLE machine
  ADD COLUMN registration text NOT NULL DEFAULT '',
  ADD COLUMN owner text NOT NULL DEFAULT '',
  ADD COLUMN merged_into uuid REFERENCES machine CHECK (merged_into <> id),
  ADD COLUMN brought_by uuid REFERENCES brought_sheet;
ALTER TABLE machine ADD COLUMN words text GENERATED ALWAYS AS (
  lower(' ' || name || ' ' || make || ' ' || model || ' ' || model_year || ' ' || variant || ' ' || frame_number || ' ' || registration
    || ' ' || owner || ' ' || note)) STORED;
CREATE INDEX ON machine USING gin (words gin_trgm_ops);
CREATE INDEX ON machine (merged_into) WHERE merged_into IS NOT NULL;
ALTER TABLE machine DROP CONSTRAINT machine_meter_check;
ALTER TABLE machine ADD CONSTRAINT machine_meter_check CHECK (meter IN ('KM', 'MILES', 'HOURS', 'NONE'));

ALTER TABLE fitted_part
  ADD COLUMN mass_g double precision CHECK (mass_g > 0),
  ADD COLUMN said_by text,
  ADD COLUMN said_by_id uuid REFERENCES person,
  ADD COLUMN said_at timestamptz;
CREATE INDEX ON fitted_part (machine_id);

CREATE TABLE part_taken_off (
  id uuid PRIMARY KEY,
  machine_id uuid NOT NULL REFERENCES machine,
  fitted_id uuid UNIQUE REFERENCES fitted_part,
  name text NOT NULL CHECK (length(name) BETWEEN 1 AND 200),
  mass_g double precision CHECK (mass_g > 0),
  instead_id uuid REFERENCES fitted_part,
  said_by text NOT NULL,
  said_by_id uuid REFERENCES person,
  said_at timestamptz NOT NULL
);
CREATE INDEX ON part_taken_off (machine_id);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON part_taken_off FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- Where a part that came off lies; the latest counts.
CREATE TABLE part_place (
  id uuid PRIMARY KEY,
  part_id uuid NOT NULL REFERENCES part_taken_off,
  place text NOT NULL CHECK (length(place) <= 200),
  gone boolean NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid REFERENCES person,
  said_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON part_place (part_id, server_order DESC);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON part_place FOR EACH ROW EXECUTE FUNCTION refuse_change();
