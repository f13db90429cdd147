-- Tools are brought in and kept on screen; what happens to each is a log that is only added to.
ALTER TABLE torque_tool
  ADD COLUMN left_hand boolean NOT NULL DEFAULT true,
  ADD COLUMN version integer NOT NULL DEFAULT 1,
  ADD COLUMN added_by text,
  ADD COLUMN added_by_id uuid REFERENCES person,
  ADD COLUMN added_at timestamptz;
ALTER TABLE torque_tool DROP CONSTRAINT torque_tool_name_key;
CREATE UNIQUE INDEX torque_tool_name_key ON torque_tool (lower(name));

CREATE TABLE tool_entry (
  id uuid PRIMARY KEY,
  tool_id uuid NOT NULL REFERENCES torque_tool,
  kind text NOT NULL CHECK (kind IN ('CALIBRATED', 'CHECKED', 'DROPPED', 'OVERLOADED', 'RETIRED', 'BACK')),
  happened_on date NOT NULL,
  passed boolean NOT NULL,
  words text NOT NULL CHECK (length(words) <= 2000),
  measured json NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid REFERENCES person,
  said_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON tool_entry (tool_id, server_order);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON tool_entry FOR EACH ROW EXECUTE FUNCTION refuse_change();

INSERT INTO tool_entry (id, tool_id, kind, happened_on, passed, words, measured, said_by, said_at)
SELECT gen_random_uuid(), id, 'CALIBRATED', calibrated_on, true, 'as it was entered with the tool', '{}', '', calibrated_on
FROM torque_tool WHERE calibrated_on IS NOT NULL;
ALTER TABLE torque_tool DROP COLUMN calibrated_on;
ALTER TABLE torque_tool RENAME COLUMN cycles TO cycles_before;
