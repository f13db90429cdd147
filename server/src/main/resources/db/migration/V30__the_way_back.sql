-- Jobs that put the originals back: of which job they are the way back, and what goes on again.
CREATE TABLE way_back (
  job_id uuid PRIMARY KEY REFERENCES job (id),
  of_job_id uuid NOT NULL REFERENCES job_record (job_id)
);
CREATE TABLE way_back_part (
  job_id uuid NOT NULL REFERENCES way_back (job_id),
  part_id uuid NOT NULL REFERENCES part_taken_off (id),
  PRIMARY KEY (job_id, part_id)
);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON way_back FOR EACH ROW EXECUTE FUNCTION refuse_change();
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON way_back_part FOR EACH ROW EXECUTE FUNCTION refuse_change();
