-- Jobs that look again: which re-checks each of them settles when it is signed.
CREATE TABLE recheck_look (
  job_id uuid NOT NULL REFERENCES job (id),
  recheck_id uuid NOT NULL REFERENCES recheck (id),
  PRIMARY KEY (job_id, recheck_id)
);
CREATE INDEX ON recheck_look (recheck_id);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON recheck_look FOR EACH ROW EXECUTE FUNCTION refuse_change();
