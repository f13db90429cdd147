-- The whole workshop, one chapter after the other: people, the workshop, sheets brought in, machines, the crib, the shelf, the catalogue,
-- jobs planned, the spec book, jobs done, what is on a machine, looking again. Evidence, which is only ever added to, is named at the end.
CREATE EXTENSION IF NOT EXISTS pg_trgm;

-- -------------------- People, and the doors they come in by

-- A person is brought in by a lead and chooses password and PIN; nobody is deleted, the name stays in all evidence.
CREATE TABLE person (
  id uuid PRIMARY KEY,
  name text NOT NULL,
  role text NOT NULL CHECK (role IN ('MECHANIC', 'LEAD', 'GUEST')),
  password_hash text,
  pin_hash text,
  invitation_hash text,
  invited_until timestamptz,
  shut_out boolean NOT NULL DEFAULT false,
  retired_at timestamptz,
  sessions_from timestamptz NOT NULL DEFAULT '1970-01-01 00:00:00+00',
  version integer NOT NULL DEFAULT 1
);
CREATE UNIQUE INDEX ON person (lower(name));

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

-- Who is signed in: of the id of a session only its digest is kept.
CREATE TABLE spring_session (
  primary_id char(36) PRIMARY KEY,
  session_id varchar(64) NOT NULL,
  creation_time bigint NOT NULL,
  last_access_time bigint NOT NULL,
  max_inactive_interval integer NOT NULL,
  expiry_time bigint NOT NULL,
  principal_name varchar(100)
);
CREATE INDEX ON spring_session (expiry_time);
CREATE INDEX ON spring_session (principal_name);
CREATE UNIQUE INDEX ON spring_session (session_id);

CREATE TABLE spring_session_attributes (
  session_primary_id char(36) NOT NULL REFERENCES spring_session ON DELETE CASCADE,
  attribute_name varchar(200) NOT NULL,
  attribute_bytes bytea NOT NULL,
  PRIMARY KEY (session_primary_id, attribute_name)
);

-- Who tried to come in, counted here so that all servers count together.
CREATE TABLE sign_in_try (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  kind text NOT NULL CHECK (kind IN ('PASSWORD', 'PIN', 'KEY')),
  name text NOT NULL,
  address text NOT NULL,
  was_right boolean NOT NULL DEFAULT false,
  tried_at timestamptz NOT NULL DEFAULT clock_timestamp()
);
CREATE INDEX ON sign_in_try (address, tried_at DESC);
CREATE INDEX ON sign_in_try (name, address, tried_at DESC);

-- Devices somebody signed in on before, known by the digest of a secret they keep: what strangers do at the same address locks nobody out there.
CREATE TABLE device_mark (
  digest text NOT NULL,
  name text NOT NULL,
  seen_at timestamptz NOT NULL DEFAULT clock_timestamp(),
  PRIMARY KEY (digest, name)
);

-- What happened at the doors.
CREATE TABLE audit_entry (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  kind text NOT NULL,
  who text NOT NULL CHECK (length(who) <= 100),
  about text NOT NULL CHECK (length(about) <= 300),
  address text NOT NULL CHECK (length(address) <= 100),
  happened_at timestamptz NOT NULL DEFAULT clock_timestamp()
);
CREATE INDEX ON audit_entry (kind, id DESC);

-- -------------------- The workshop itself

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

-- What an hour costs; the latest counts.
CREATE TABLE workshop_rate (
  id uuid PRIMARY KEY,
  per_hour numeric(9, 2) NOT NULL,
  set_by text NOT NULL,
  set_by_id uuid REFERENCES person,
  set_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);

-- What time it was when a server last looked, so that a start can tell a clock that lost its time. One row.
CREATE TABLE clock_seen (
  one boolean PRIMARY KEY DEFAULT true CHECK (one),
  at timestamptz NOT NULL
);
INSERT INTO clock_seen (at) VALUES ('-infinity');

-- Backups that were made and could be read back.
CREATE TABLE backup_made (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  file text NOT NULL,
  bytes bigint NOT NULL,
  schema_version integer NOT NULL,
  made_at timestamptz NOT NULL DEFAULT clock_timestamp()
);

-- -------------------- Sheets brought in

-- A table of values, machines or tools that somebody brought: looked at line by line before it counts.
CREATE TABLE brought_sheet (
  id uuid PRIMARY KEY,
  kind text NOT NULL CHECK (kind IN ('VALUES', 'MACHINES', 'TOOLS')),
  name text NOT NULL,
  taken_for text NOT NULL,
  state text NOT NULL CHECK (state IN ('LOOKED_AT', 'ACCEPTED', 'UNDONE', 'DROPPED')),
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL,
  settled_by text,
  settled_at timestamptz
);

-- What stood there before a line changed it is kept, so that it can stand again.
CREATE TABLE brought_line (
  sheet_id uuid NOT NULL REFERENCES brought_sheet,
  line bigint NOT NULL,
  cells json NOT NULL,
  standing text NOT NULL CHECK (standing IN ('NEW', 'CHANGED', 'SAME', 'CONFLICT', 'DOUBTFUL', 'REFUSED', 'LEFT_OUT')),
  read json,
  before json,
  said json NOT NULL,
  replaces uuid,
  PRIMARY KEY (sheet_id, line)
);
CREATE INDEX ON brought_line (sheet_id, standing, line);

-- -------------------- Machines

-- Doubles that are one machine point to the one that stays.
CREATE TABLE machine (
  id uuid PRIMARY KEY,
  name text NOT NULL UNIQUE,
  kind text NOT NULL CHECK (kind IN ('MOTORCYCLE', 'ATV', 'BICYCLE')),
  make text NOT NULL DEFAULT '',
  model text NOT NULL,
  model_year integer NOT NULL,
  variant text NOT NULL,
  frame_number text NOT NULL,
  registration text NOT NULL DEFAULT '',
  owner text NOT NULL DEFAULT '',
  meter text NOT NULL CHECK (meter IN ('KM', 'MILES', 'HOURS', 'NONE')),
  note text NOT NULL,
  version integer NOT NULL DEFAULT 1,
  added_by text,
  added_by_id uuid,
  added_at timestamptz,
  brought_by uuid REFERENCES brought_sheet,
  merged_into uuid REFERENCES machine,
  retired_at timestamptz,
  words text GENERATED ALWAYS AS (
    lower(' ' || name || ' ' || make || ' ' || model || ' ' || model_year || ' ' || variant || ' ' || frame_number || ' '
      || registration || ' ' || owner || ' ' || note)) STORED,
  CHECK (merged_into <> id)
);
CREATE INDEX ON machine (kind DESC, name);
CREATE INDEX ON machine (lower(frame_number)) WHERE frame_number <> '';
CREATE INDEX ON machine (lower(name));
CREATE INDEX ON machine (merged_into) WHERE merged_into IS NOT NULL;
CREATE INDEX ON machine USING gin (words gin_trgm_ops);

-- Who changed what of which machine.
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

-- A reading that was a slip stays; the one that corrects it says why.
CREATE TABLE meter_reading (
  id uuid PRIMARY KEY,
  machine_id uuid NOT NULL REFERENCES machine,
  figure double precision NOT NULL CHECK (figure >= 0),
  read_at timestamptz NOT NULL,
  read_by text NOT NULL,
  read_by_id uuid REFERENCES person,
  corrects uuid UNIQUE REFERENCES meter_reading,
  reason text,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON meter_reading (machine_id, server_order DESC);

-- A meter that was replaced: where the old one ended and the new one began.
CREATE TABLE meter_replacement (
  id uuid PRIMARY KEY,
  machine_id uuid NOT NULL REFERENCES machine,
  figure_before double precision NOT NULL CHECK (figure_before >= 0),
  figure_after double precision NOT NULL CHECK (figure_after >= 0),
  replaced_by text NOT NULL,
  replaced_by_id uuid REFERENCES person,
  replaced_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON meter_replacement (machine_id);

-- -------------------- The crib

-- Spans in N·m; graduation, presets and adapter in the unit of the tool's own scale and in millimetres.
CREATE TABLE torque_tool (
  id uuid PRIMARY KEY,
  name text NOT NULL,
  type text NOT NULL,
  min_nm double precision NOT NULL,
  max_nm double precision NOT NULL,
  deviation_percent double precision,
  graduation double precision,
  unit text NOT NULL,
  presets double precision[] NOT NULL DEFAULT '{}',
  cycles_before integer NOT NULL DEFAULT 0,
  adapter_lever_mm double precision,
  adapter_extension_mm double precision,
  adapter_angle_deg double precision,
  left_hand boolean NOT NULL DEFAULT true,
  version integer NOT NULL DEFAULT 1,
  added_by text,
  added_by_id uuid REFERENCES person,
  added_at timestamptz
);
CREATE UNIQUE INDEX ON torque_tool (lower(name));

-- What happens to each torque tool.
CREATE TABLE tool_entry (
  id uuid PRIMARY KEY,
  tool_id uuid NOT NULL REFERENCES torque_tool,
  kind text NOT NULL CHECK (kind IN ('CALIBRATED', 'CHECKED', 'DROPPED', 'OVERLOADED', 'RETIRED', 'BACK')),
  happened_on date NOT NULL,
  passed boolean NOT NULL,
  words text NOT NULL CHECK (length(words) <= 2000),
  measured json NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid REFERENCES person,
  said_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON tool_entry (tool_id, server_order);

-- Each pull with a torque tool, by the entry that tells of it.
CREATE TABLE tool_use (
  entry_id uuid PRIMARY KEY,
  tool_id uuid NOT NULL REFERENCES torque_tool,
  used_at timestamptz NOT NULL
);
CREATE INDEX ON tool_use (tool_id, used_at);

-- Which keys, sockets and special tools there are; the latest line of a name counts.
CREATE TABLE hand_tool (
  id uuid PRIMARY KEY,
  name text NOT NULL CHECK (length(name) BETWEEN 1 AND 200),
  here boolean NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid REFERENCES person,
  said_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON hand_tool (lower(name), server_order DESC);

-- -------------------- The shelf

-- Bottles and tubs, with what their own sheets say.
CREATE TABLE shelf_product (
  id uuid PRIMARY KEY,
  name text NOT NULL,
  compound text NOT NULL,
  data json NOT NULL,
  sheet text NOT NULL,
  lot text NOT NULL,
  expires_on date,
  opened_on date,
  months_open integer CHECK (months_open BETWEEN 1 AND 120),
  added_by text NOT NULL,
  added_by_id uuid REFERENCES person,
  added_at timestamptz NOT NULL,
  gone_by text,
  gone_by_id uuid REFERENCES person,
  gone_at timestamptz
);

-- Parts used once, and by what they are ordered.
CREATE TABLE shelf_part (
  name text PRIMARY KEY,
  price numeric(9, 2),
  size text NOT NULL DEFAULT '',
  strength text NOT NULL DEFAULT '',
  order_number text NOT NULL DEFAULT ''
);

-- Pieces that came and went.
CREATE TABLE shelf_part_move (
  id uuid PRIMARY KEY,
  part text NOT NULL REFERENCES shelf_part,
  pieces integer NOT NULL,
  why text NOT NULL,
  moved_by text NOT NULL,
  moved_by_id uuid REFERENCES person,
  moved_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON shelf_part_move (part);

-- -------------------- The catalogue

-- Every version of a job stays; the newest that was confirmed is offered.
CREATE TABLE pack (
  key text NOT NULL,
  version integer NOT NULL DEFAULT 1,
  document json NOT NULL,
  added_by text NOT NULL DEFAULT '',
  added_by_id uuid REFERENCES person,
  added_at timestamptz NOT NULL DEFAULT now(),
  PRIMARY KEY (key, version)
);

-- A lead confirms a version somebody else brought before it is offered to all.
CREATE TABLE pack_confirmed (
  key text NOT NULL,
  version integer NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid REFERENCES person,
  said_at timestamptz NOT NULL,
  PRIMARY KEY (key, version),
  FOREIGN KEY (key, version) REFERENCES pack (key, version)
);

-- The workshop's own job for a make, model and years, with the catalogue's document it began from.
CREATE TABLE model_pack (
  id uuid PRIMARY KEY,
  base_key text NOT NULL,
  make text NOT NULL,
  model text NOT NULL,
  year_from integer NOT NULL,
  year_to integer NOT NULL,
  document json NOT NULL,
  catalogue json,
  answers json NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY,
  CHECK (year_to >= year_from)
);
CREATE INDEX ON model_pack (base_key, lower(make), lower(model));

CREATE TABLE model_pack_confirmed (
  model_pack_id uuid PRIMARY KEY REFERENCES model_pack,
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL
);

-- -------------------- Jobs: planned

-- A job copies its pack, so that a later catalogue changes no job.
CREATE TABLE job (
  id uuid PRIMARY KEY,
  number integer GENERATED ALWAYS AS IDENTITY UNIQUE,
  machine_id uuid NOT NULL REFERENCES machine,
  model_pack_id uuid REFERENCES model_pack,
  title text NOT NULL,
  pack json NOT NULL,
  version integer NOT NULL DEFAULT 1,
  created_by text NOT NULL,
  created_by_id uuid REFERENCES person,
  created_at timestamptz NOT NULL
);
CREATE INDEX ON job (machine_id);

-- All that is said on a sheet before its job starts, each entry a document with its version.
CREATE TABLE sheet_entry (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL REFERENCES job,
  kind text NOT NULL CHECK (kind IN ('DECISION', 'VALUE', 'DESK_NOTE', 'FIT', 'ARRANGEMENT', 'QUOTE', 'PART', 'PRINT', 'CHOICE', 'WITHDRAWAL',
    'BY_FEEL', 'TOOL', 'CANCEL', 'SHAPE')),
  document json NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid REFERENCES person,
  said_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON sheet_entry (job_id) WHERE kind = 'CANCEL';
CREATE INDEX ON sheet_entry (job_id, server_order);

-- -------------------- The spec book

-- What makers and parts state, by make, model, years, variant and place; a later entry replaces an earlier one.
CREATE TABLE stated_value (
  id uuid PRIMARY KEY,
  make text NOT NULL,
  model text NOT NULL,
  year_from integer NOT NULL,
  year_to integer NOT NULL,
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
  replaces uuid REFERENCES stated_value,
  brought_by uuid,
  server_order bigint GENERATED ALWAYS AS IDENTITY,
  words text GENERATED ALWAYS AS (
    lower(' ' || make || ' ' || model || ' ' || variant || ' ' || place || ' ' || thread || ' ' || typed || ' ' || document)) STORED,
  CHECK (year_to >= year_from)
);
CREATE INDEX ON stated_value (brought_by) WHERE brought_by IS NOT NULL;
CREATE INDEX ON stated_value (lower(make), lower(model));
CREATE INDEX ON stated_value (replaces) WHERE replaces IS NOT NULL;
CREATE INDEX ON stated_value (server_order DESC);
CREATE INDEX ON stated_value USING gin (words gin_trgm_ops);

CREATE TABLE stated_value_taken_back (
  id uuid PRIMARY KEY,
  value_id uuid NOT NULL REFERENCES stated_value,
  reason text NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL
);
CREATE INDEX ON stated_value_taken_back (value_id);

CREATE TABLE stated_value_confirmed (
  id uuid PRIMARY KEY,
  value_id uuid NOT NULL REFERENCES stated_value,
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL
);
CREATE INDEX ON stated_value_confirmed (value_id);

CREATE TABLE stated_value_note (
  id uuid PRIMARY KEY,
  value_id uuid NOT NULL REFERENCES stated_value,
  words text NOT NULL CHECK (length(words) BETWEEN 1 AND 500),
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL
);
CREATE INDEX ON stated_value_note (value_id);

-- -------------------- Jobs: done

-- The run sheet as it was when the job started.
CREATE TABLE job_run (
  job_id uuid PRIMARY KEY REFERENCES job,
  sheet json NOT NULL,
  started_by text NOT NULL,
  started_by_id uuid NOT NULL REFERENCES person,
  started_at timestamptz NOT NULL
);
CREATE INDEX ON job_run (started_at);

-- Everything said at the bench since, in the order in which the server took it.
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

-- Photographs of a job, re-encoded: of what was sent only the digest is kept.
CREATE TABLE photograph (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL REFERENCES job_run,
  step_id text NOT NULL,
  words text NOT NULL,
  taken_by text NOT NULL,
  taken_by_id uuid NOT NULL,
  by_lead boolean NOT NULL,
  done_at timestamptz NOT NULL,
  received_at timestamptz NOT NULL,
  device_ahead_seconds bigint NOT NULL,
  sent_sha256 text NOT NULL,
  sha256 text NOT NULL,
  width_px integer NOT NULL,
  height_px integer NOT NULL,
  jpeg bytea NOT NULL,
  small_jpeg bytea NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
-- A JPEG does not get smaller by being pressed once more.
ALTER TABLE photograph ALTER COLUMN jpeg SET STORAGE EXTERNAL, ALTER COLUMN small_jpeg SET STORAGE EXTERNAL;
CREATE INDEX ON photograph (job_id, server_order);

-- How far each run had come when it was last asked for, so that lists need not play every log. Made of the log and of nothing else: rows may be
-- emptied at any time. One made by another build of the application, or before tools went out of use, is made anew.
CREATE TABLE run_standing (
  job_id uuid PRIMARY KEY REFERENCES job_run,
  up_to bigint NOT NULL,
  tools_out uuid NOT NULL,
  build text NOT NULL,
  station text NOT NULL,
  words text NOT NULL,
  percent integer NOT NULL,
  ridable_from timestamptz
);

-- A job that was signed, as built.
CREATE TABLE job_record (
  job_id uuid PRIMARY KEY REFERENCES job,
  as_built json NOT NULL,
  signed_by text NOT NULL,
  signed_by_id uuid REFERENCES person,
  signed_at timestamptz NOT NULL
);
CREATE INDEX ON job_record (signed_at DESC);

-- What lists of the log say of a record.
CREATE TABLE record_count (
  job_id uuid PRIMARY KEY REFERENCES job_record,
  readings integer NOT NULL,
  deviations integer NOT NULL,
  corrections integer NOT NULL
);

-- A record as it goes out, made once, with the fingerprint of its bytes, and the digest of the entries it was made of, so that one changed past
-- the application is noticed.
CREATE TABLE record_paper (
  job_id uuid PRIMARY KEY REFERENCES job_record,
  json text NOT NULL,
  fingerprint text NOT NULL,
  log_up_to bigint,
  log_digest text
);
CREATE INDEX ON record_paper (fingerprint text_pattern_ops);

-- What is added to a record after it was signed.
CREATE TABLE record_addendum (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL REFERENCES job_record,
  words text NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON record_addendum (job_id, server_order);

-- What a record is found by beside its head: joints, threads, products, tools, people, what was said. Made of the record, and made anew at any time.
CREATE TABLE record_words (
  job_id uuid PRIMARY KEY REFERENCES job_record,
  words tsvector NOT NULL
);
CREATE INDEX ON record_words USING gin (words);

-- -------------------- What is on a machine now

-- What was measured on a machine and what it came to, as found or as left; a later entry corrects an earlier one.
CREATE TABLE kept_fit (
  id uuid PRIMARY KEY,
  machine_id uuid NOT NULL REFERENCES machine,
  job_id uuid REFERENCES job,
  question text,
  taken text NOT NULL CHECK (taken IN ('FOUND', 'LEFT')),
  document json NOT NULL,
  note text NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON kept_fit (job_id) WHERE job_id IS NOT NULL;
CREATE INDEX ON kept_fit (machine_id, server_order);

CREATE TABLE fitted_part (
  id uuid PRIMARY KEY,
  machine_id uuid NOT NULL REFERENCES machine,
  job_id uuid REFERENCES job,
  name text NOT NULL,
  fitted_on date NOT NULL,
  mass_g double precision CHECK (mass_g > 0),
  said_by text,
  said_by_id uuid REFERENCES person,
  said_at timestamptz
);
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

-- Jobs that put the originals back: of which job they are the way back, and what goes on again.
CREATE TABLE way_back (
  job_id uuid PRIMARY KEY REFERENCES job,
  of_job_id uuid NOT NULL REFERENCES job_record
);

CREATE TABLE way_back_part (
  job_id uuid NOT NULL REFERENCES way_back,
  part_id uuid NOT NULL REFERENCES part_taken_off,
  PRIMARY KEY (job_id, part_id)
);

-- -------------------- Looking again

-- What is due at a machine, and when.
CREATE TABLE recheck (
  id uuid PRIMARY KEY,
  machine_id uuid NOT NULL REFERENCES machine,
  job_id uuid NOT NULL REFERENCES job,
  rule text NOT NULL,
  why text NOT NULL,
  joints text NOT NULL,
  joint_ids json NOT NULL,
  after_first_ride boolean NOT NULL,
  on_date date,
  at_km double precision,
  at_hours double precision,
  meter_then double precision,
  made_at timestamptz NOT NULL
);
CREATE INDEX ON recheck (machine_id);

-- What was found, why it moved, what that means, and the job that does it again.
CREATE TABLE recheck_result (
  id uuid PRIMARY KEY,
  recheck_id uuid NOT NULL UNIQUE REFERENCES recheck,
  outcome text NOT NULL CHECK (outcome IN ('HELD', 'MOVED')),
  note text NOT NULL,
  found_by text NOT NULL,
  found_by_id uuid REFERENCES person,
  found_at timestamptz NOT NULL,
  moved_joint text,
  cause text CHECK (cause IN ('SETTLED', 'CONTAMINATED', 'WRONG_FRICTION', 'DAMAGED', 'NOT_FOUND')),
  angle_deg double precision,
  grip_mm double precision,
  load_words text,
  follow_job_id uuid REFERENCES job
);

-- Jobs that look again: which re-checks each of them settles when it is signed.
CREATE TABLE recheck_look (
  job_id uuid NOT NULL REFERENCES job,
  recheck_id uuid NOT NULL REFERENCES recheck,
  PRIMARY KEY (job_id, recheck_id)
);
CREATE INDEX ON recheck_look (recheck_id);

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

-- -------------------- Evidence

-- Evidence is added to, never changed and never emptied: the database itself refuses, whoever asks.
CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'rows of % are evidence and are not changed', TG_TABLE_NAME;
END $$;

DO $$
DECLARE kept text;
BEGIN
  FOREACH kept IN ARRAY ARRAY[
    'person_change', 'audit_entry', 'workshop_settings', 'workshop_rate', 'backup_made', 'machine_change',
    'meter_reading', 'meter_replacement', 'tool_entry', 'tool_use', 'hand_tool', 'shelf_part_move', 'pack_confirmed',
    'model_pack', 'model_pack_confirmed', 'sheet_entry', 'stated_value', 'stated_value_taken_back',
    'stated_value_confirmed', 'stated_value_note', 'job_run', 'run_event', 'photograph', 'job_record', 'record_count',
    'record_paper', 'record_addendum', 'kept_fit', 'part_taken_off', 'part_place', 'way_back', 'way_back_part',
    'recheck_result', 'recheck_look'
  ] LOOP
    EXECUTE format('CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON %I FOR EACH ROW EXECUTE FUNCTION refuse_change()', kept);
    EXECUTE format('CREATE TRIGGER evidence_whole BEFORE TRUNCATE ON %I FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()', kept);
  END LOOP;
END $$;

-- The entries a record was made of, pressed into one line.
CREATE FUNCTION log_digest(job uuid, up_to bigint) RETURNS text LANGUAGE sql STABLE AS $$
  SELECT encode(sha256(convert_to(coalesce(string_agg(id || ' ' || device || ' ' || counter || ' ' || payload::text, E'\n'
    ORDER BY server_order), ''), 'UTF8')), 'hex')
  FROM run_event WHERE job_id = job AND server_order <= up_to
$$;
