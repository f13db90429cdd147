-- The shelf: products with the times of their own sheets, and parts used once.
CREATE TABLE shelf_product (
  id uuid PRIMARY KEY,
  name text NOT NULL,
  compound text NOT NULL,
  fixture_minutes double precision,
  full_cure_minutes double precision,
  expires_on date,
  lot text NOT NULL,
  sheet text NOT NULL,
  added_by text NOT NULL,
  added_at timestamptz NOT NULL,
  gone_by text,
  gone_at timestamptz
);
CREATE TABLE shelf_part (
  name text PRIMARY KEY,
  price numeric(9, 2)
);
CREATE TABLE shelf_part_move (
  id uuid PRIMARY KEY,
  part text NOT NULL REFERENCES shelf_part,
  pieces integer NOT NULL,
  why text NOT NULL,
  moved_by text NOT NULL,
  moved_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON shelf_part_move (part);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON shelf_part_move FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- What is written on a sheet before its job starts.
CREATE TABLE job_fit (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL REFERENCES job,
  question text NOT NULL,
  fits boolean NOT NULL,
  note text NOT NULL,
  answered_by text NOT NULL,
  answered_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON job_fit (job_id);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON job_fit FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- Joints as somebody arranged them, newest last; an empty list gives the order back to the planner.
CREATE TABLE job_arrangement (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL REFERENCES job,
  joint_ids json NOT NULL,
  arranged_by text NOT NULL,
  arranged_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON job_arrangement (job_id);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON job_arrangement FOR EACH ROW EXECUTE FUNCTION refuse_change();

CREATE TABLE job_quote (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL REFERENCES job,
  amount numeric(9, 2) NOT NULL,
  quoted_by text NOT NULL,
  quoted_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON job_quote (job_id);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON job_quote FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- What each job card said when it was printed.
CREATE TABLE job_print (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL REFERENCES job,
  card json NOT NULL,
  printed_by text NOT NULL,
  printed_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON job_print (job_id);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON job_print FOR EACH ROW EXECUTE FUNCTION refuse_change();

CREATE TABLE workshop_rate (
  id uuid PRIMARY KEY,
  per_hour numeric(9, 2) NOT NULL,
  set_by text NOT NULL,
  set_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON workshop_rate FOR EACH ROW EXECUTE FUNCTION refuse_change();
