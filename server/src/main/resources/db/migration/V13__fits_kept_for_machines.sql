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
CREATE INDEX ON kept_fit (machine_id, server_order);
CREATE INDEX ON kept_fit (job_id) WHERE job_id IS NOT NULL;
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON kept_fit FOR EACH ROW EXECUTE FUNCTION refuse_change();
