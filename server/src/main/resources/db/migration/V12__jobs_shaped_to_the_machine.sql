-- A job shaped to the machine in hand: every change is said on its sheet like all else.
ALTER TABLE sheet_entry DROP CONSTRAINT sheet_entry_kind_check;
ALTER TABLE sheet_entry ADD CONSTRAINT sheet_entry_kind_check
  CHECK (kind IN ('DECISION', 'VALUE', 'DESK_NOTE', 'FIT', 'ARRANGEMENT', 'QUOTE', 'PART', 'PRINT', 'CHOICE', 'WITHDRAWAL', 'BY_FEEL',
    'TOOL', 'CANCEL', 'SHAPE'));

-- Make, model and year apart; what was one name before begins with the make.
ALTER TABLE machine ADD COLUMN make text NOT NULL DEFAULT '';
UPDATE machine SET make = split_part(model, ' ', 1), model = substr(model, strpos(model, ' ') + 1) WHERE strpos(model, ' ') > 0;

-- Stated values by make, model, years, variant and place, whichever job they were looked up for.
CREATE TABLE stated_value (
  id uuid PRIMARY KEY,
  make text NOT NULL,
  model text NOT NULL,
  year_from integer NOT NULL,
  year_to integer NOT NULL CHECK (year_to >= year_from),
  variant text NOT NULL,
  place text NOT NULL,
  thread text NOT NULL,
  typed text NOT NULL,
  source text NOT NULL,
  document text NOT NULL,
  condition text NOT NULL,
  job_id uuid REFERENCES job,
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON stated_value (lower(make), lower(model));
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON stated_value FOR EACH ROW EXECUTE FUNCTION refuse_change();

CREATE TABLE stated_value_taken_back (
  id uuid PRIMARY KEY,
  value_id uuid NOT NULL REFERENCES stated_value,
  reason text NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL
);
CREATE INDEX ON stated_value_taken_back (value_id);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON stated_value_taken_back FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- The shop's own pack for a make, model and years, with the catalogue's document it began from.
CREATE TABLE model_pack (
  id uuid PRIMARY KEY,
  base_key text NOT NULL,
  make text NOT NULL,
  model text NOT NULL,
  year_from integer NOT NULL,
  year_to integer NOT NULL CHECK (year_to >= year_from),
  document json NOT NULL,
  catalogue json,
  answers json NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON model_pack (base_key, lower(make), lower(model));
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON model_pack FOR EACH ROW EXECUTE FUNCTION refuse_change();

CREATE TABLE model_pack_confirmed (
  model_pack_id uuid PRIMARY KEY REFERENCES model_pack,
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL
);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON model_pack_confirmed FOR EACH ROW EXECUTE FUNCTION refuse_change();

ALTER TABLE job ADD COLUMN model_pack_id uuid REFERENCES model_pack;

-- Jobs are found by what was typed though a letter slipped.
CREATE EXTENSION IF NOT EXISTS pg_trgm;
