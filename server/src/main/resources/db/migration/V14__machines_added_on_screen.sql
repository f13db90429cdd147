-- Who brought a machine into the fleet; of those that came before, nobody wrote it down.
ALTER TABLE machine
  ADD COLUMN added_by text,
  ADD COLUMN added_by_id uuid,
  ADD COLUMN added_at timestamptz;
CREATE INDEX ON machine (lower(frame_number)) WHERE frame_number <> '';
