-- Another tool of the crib chosen for a joint, and a job that is not done, are said on its sheet.
ALTER TABLE sheet_entry DROP CONSTRAINT sheet_entry_kind_check;
ALTER TABLE sheet_entry ADD CONSTRAINT sheet_entry_kind_check
  CHECK (kind IN ('DECISION', 'VALUE', 'DESK_NOTE', 'FIT', 'ARRANGEMENT', 'QUOTE', 'PART', 'PRINT', 'CHOICE', 'WITHDRAWAL', 'BY_FEEL',
    'TOOL', 'CANCEL'));
CREATE INDEX ON sheet_entry (job_id) WHERE kind = 'CANCEL';

-- What moved at a re-check, why, what it means, and the job that does it again.
ALTER TABLE recheck_result
  ADD COLUMN moved_joint text,
  ADD COLUMN cause text CHECK (cause IN ('SETTLED', 'CONTAMINATED', 'WRONG_FRICTION', 'DAMAGED', 'NOT_FOUND')),
  ADD COLUMN angle_deg double precision,
  ADD COLUMN grip_mm double precision,
  ADD COLUMN load_words text,
  ADD COLUMN follow_job_id uuid REFERENCES job;

-- A reading that was a slip stays; the one that corrects it says why.
ALTER TABLE meter_reading
  ADD COLUMN corrects uuid UNIQUE REFERENCES meter_reading,
  ADD COLUMN reason text;
