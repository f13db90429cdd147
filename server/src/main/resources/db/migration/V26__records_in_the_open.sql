-- A record as it goes out, made once, with the fingerprint of its bytes; and what is added to a record after it was signed.
CREATE TABLE record_paper (
  job_id uuid PRIMARY KEY REFERENCES job_record (job_id),
  json text NOT NULL,
  fingerprint text NOT NULL
);
CREATE INDEX ON record_paper (fingerprint text_pattern_ops);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON record_paper FOR EACH ROW EXECUTE FUNCTION refuse_change();

CREATE TABLE record_addendum (
  id uuid PRIMARY KEY,
  server_order bigint GENERATED ALWAYS AS IDENTITY,
  job_id uuid NOT NULL REFERENCES job_record (job_id),
  words text NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid NOT NULL,
  said_at timestamptz NOT NULL
);
CREATE INDEX ON record_addendum (job_id, server_order);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON record_addendum FOR EACH ROW EXECUTE FUNCTION refuse_change();
