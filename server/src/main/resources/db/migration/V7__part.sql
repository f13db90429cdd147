-- Which part is fitted, as somebody read it off the part or its box; the latest counts.
CREATE TABLE job_part (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL REFERENCES job,
  name text NOT NULL CHECK (length(name) BETWEEN 1 AND 200),
  named_by text NOT NULL,
  named_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON job_part (job_id);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON job_part FOR EACH ROW EXECUTE FUNCTION refuse_change();
