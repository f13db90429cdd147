-- Photographs of a job, re-encoded: of what was sent only the digest is kept.
CREATE TABLE photograph (
  id uuid PRIMARY KEY,
  server_order bigint GENERATED ALWAYS AS IDENTITY,
  job_id uuid NOT NULL REFERENCES job_run (job_id),
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
  width_px int NOT NULL,
  height_px int NOT NULL,
  jpeg bytea NOT NULL,
  small_jpeg bytea NOT NULL
);
-- A JPEG does not get smaller by being pressed once more.
ALTER TABLE photograph ALTER COLUMN jpeg SET STORAGE EXTERNAL, ALTER COLUMN small_jpeg SET STORAGE EXTERNAL;
CREATE INDEX ON photograph (job_id, server_order);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON photograph FOR EACH ROW EXECUTE FUNCTION refuse_change();
