-- How far each run had come when it was last asked for, so that lists need not play every log. Made of the log and of nothing else:
-- rows may be emptied at any time. One made by another build of the application, or before tools went out of use, is made anew.
CREATE TABLE run_standing (
  job_id uuid PRIMARY KEY REFERENCES job_run (job_id),
  up_to bigint NOT NULL,
  tools_out uuid NOT NULL,
  build text NOT NULL,
  station text NOT NULL,
  words text NOT NULL,
  percent integer NOT NULL,
  ridable_from timestamptz
);

-- What lists of the log say of a record: counted of the record when it was signed, or when it is first listed.
CREATE TABLE record_count (
  job_id uuid PRIMARY KEY REFERENCES job_record (job_id),
  readings integer NOT NULL,
  deviations integer NOT NULL,
  corrections integer NOT NULL
);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON record_count FOR EACH ROW EXECUTE FUNCTION refuse_change();

CREATE INDEX ON job_record (signed_at DESC);
CREATE INDEX ON job_run (started_at);
