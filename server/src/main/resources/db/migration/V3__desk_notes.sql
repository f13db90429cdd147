-- What was worked out at the joint desk for a joint of a job: a link, kept as it was sent.
CREATE TABLE desk_note (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL REFERENCES job,
  joint_id text NOT NULL,
  state text NOT NULL,
  summary text NOT NULL,
  noted_by text NOT NULL,
  noted_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON desk_note (job_id);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON desk_note FOR EACH ROW EXECUTE FUNCTION refuse_change();
