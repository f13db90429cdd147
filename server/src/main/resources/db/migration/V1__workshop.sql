-- People and what they may do.
CREATE TABLE person (
  id uuid PRIMARY KEY,
  name text NOT NULL UNIQUE,
  role text NOT NULL CHECK (role IN ('MECHANIC', 'LEAD', 'GUEST')),
  password_hash text NOT NULL,
  pin_hash text
);

-- The fleet.
CREATE TABLE machine (
  id uuid PRIMARY KEY,
  name text NOT NULL UNIQUE,
  kind text NOT NULL CHECK (kind IN ('MOTORCYCLE', 'ATV', 'BICYCLE')),
  model text NOT NULL,
  model_year integer NOT NULL,
  variant text NOT NULL,
  frame_number text NOT NULL,
  meter text NOT NULL CHECK (meter IN ('KM', 'HOURS')),
  note text NOT NULL,
  version integer NOT NULL DEFAULT 1
);

CREATE TABLE meter_reading (
  id uuid PRIMARY KEY,
  machine_id uuid NOT NULL REFERENCES machine,
  figure double precision NOT NULL CHECK (figure >= 0),
  read_at timestamptz NOT NULL,
  read_by text NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON meter_reading (machine_id, server_order DESC);

-- The crib. Spans in N·m, graduation and presets in the tool's own unit.
CREATE TABLE torque_tool (
  id uuid PRIMARY KEY,
  name text NOT NULL UNIQUE,
  type text NOT NULL,
  min_nm double precision NOT NULL,
  max_nm double precision NOT NULL,
  deviation_percent double precision,
  graduation double precision,
  unit text NOT NULL,
  presets double precision[] NOT NULL DEFAULT '{}',
  calibrated_on date,
  cycles integer NOT NULL DEFAULT 0,
  adapter_lever_mm double precision,
  adapter_extension_mm double precision,
  adapter_angle_deg double precision
);

-- The catalogue: one document a job.
CREATE TABLE pack (
  key text PRIMARY KEY,
  document json NOT NULL
);

-- A job copies its pack, so that a later catalogue changes no job.
CREATE TABLE job (
  id uuid PRIMARY KEY,
  number integer GENERATED ALWAYS AS IDENTITY UNIQUE,
  machine_id uuid NOT NULL REFERENCES machine,
  title text NOT NULL,
  pack json NOT NULL,
  created_by text NOT NULL,
  created_at timestamptz NOT NULL,
  version integer NOT NULL DEFAULT 1
);
CREATE INDEX ON job (machine_id);

CREATE TABLE job_decision (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL REFERENCES job,
  joint_id text NOT NULL,
  value_index integer NOT NULL,
  read_as text,
  reason text NOT NULL,
  decided_by text NOT NULL,
  decided_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON job_decision (job_id);

-- The run: the sheet as it was when the job started, and everything said since.
CREATE TABLE job_run (
  job_id uuid PRIMARY KEY REFERENCES job,
  sheet json NOT NULL,
  started_by text NOT NULL,
  started_at timestamptz NOT NULL
);

CREATE TABLE run_event (
  server_order bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  id uuid NOT NULL UNIQUE,
  job_id uuid NOT NULL REFERENCES job_run,
  device text NOT NULL,
  counter integer NOT NULL,
  payload json NOT NULL,
  UNIQUE (job_id, device, counter)
);
CREATE INDEX ON run_event (job_id, server_order);

CREATE TABLE job_record (
  job_id uuid PRIMARY KEY REFERENCES job,
  signed_by text NOT NULL,
  signed_at timestamptz NOT NULL,
  as_built json NOT NULL
);

CREATE TABLE fitted_part (
  id uuid PRIMARY KEY,
  machine_id uuid NOT NULL REFERENCES machine,
  job_id uuid REFERENCES job,
  name text NOT NULL,
  fitted_on date NOT NULL
);

-- Looking again.
CREATE TABLE recheck (
  id uuid PRIMARY KEY,
  machine_id uuid NOT NULL REFERENCES machine,
  job_id uuid NOT NULL REFERENCES job,
  rule text NOT NULL,
  why text NOT NULL,
  joints text NOT NULL,
  after_first_ride boolean NOT NULL,
  on_date date,
  at_km double precision,
  at_hours double precision,
  meter_then double precision,
  made_at timestamptz NOT NULL
);
CREATE INDEX ON recheck (machine_id);

CREATE TABLE recheck_result (
  id uuid PRIMARY KEY,
  recheck_id uuid NOT NULL UNIQUE REFERENCES recheck,
  outcome text NOT NULL CHECK (outcome IN ('HELD', 'MOVED')),
  note text NOT NULL,
  found_by text NOT NULL,
  found_at timestamptz NOT NULL
);

-- Evidence is added to, never changed: the database itself refuses.
CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'rows of % are evidence and are not changed', TG_TABLE_NAME;
END $$;

CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON meter_reading FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON job_decision FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON job_run FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON run_event FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON job_record FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON recheck_result FOR EACH ROW EXECUTE FUNCTION refuse_change();
