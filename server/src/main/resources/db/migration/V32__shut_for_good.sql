-- Evidence is not emptied either, whoever asks.
DO $$
DECLARE kept regclass;
BEGIN
  FOR kept IN SELECT tgrelid::regclass FROM pg_trigger WHERE tgname = 'evidence' LOOP
    EXECUTE format('CREATE TRIGGER evidence_whole BEFORE TRUNCATE ON %s FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()', kept);
  END LOOP;
END $$;

-- Devices somebody signed in on before, known by the digest of a secret they keep: what strangers do at the same address locks nobody out there.
CREATE TABLE device_mark (
  digest text NOT NULL,
  name text NOT NULL,
  seen_at timestamptz NOT NULL DEFAULT clock_timestamp(),
  PRIMARY KEY (digest, name)
);

-- The entries a record was made of, so that one changed past the application is noticed.
CREATE FUNCTION log_digest(job uuid, up_to bigint) RETURNS text LANGUAGE sql STABLE AS $$
  SELECT encode(sha256(convert_to(coalesce(string_agg(id || ' ' || device || ' ' || counter || ' ' || payload::text, E'\n' ORDER BY server_order), ''), 'UTF8')), 'hex')
  FROM run_event WHERE job_id = job AND server_order <= up_to
$$;
ALTER TABLE record_paper ADD COLUMN log_up_to bigint, ADD COLUMN log_digest text;
