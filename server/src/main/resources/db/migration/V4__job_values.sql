-- A value somebody looked up for a joint of a job, as typed.
CREATE TABLE job_value (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL REFERENCES job,
  joint_id text NOT NULL,
  typed text NOT NULL,
  source text NOT NULL,
  document text NOT NULL,
  condition text NOT NULL,
  entered_by text NOT NULL,
  entered_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON job_value (job_id);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON job_value FOR EACH ROW EXECUTE FUNCTION refuse_change();
