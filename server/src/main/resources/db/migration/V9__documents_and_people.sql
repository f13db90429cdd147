-- People are referred to by id; the name of that day stays beside it. Adding the id changes no evidence.
DO $$
DECLARE
  who record;
BEGIN
  FOR who IN SELECT * FROM (VALUES
      ('meter_reading', 'read_by'), ('job', 'created_by'), ('job_run', 'started_by'), ('job_record', 'signed_by'),
      ('recheck_result', 'found_by'), ('shelf_product', 'added_by'), ('shelf_product', 'gone_by'), ('shelf_part_move', 'moved_by'),
      ('workshop_rate', 'set_by'), ('hand_tool', 'said_by'), ('pack', 'added_by')) AS t (named, who)
  LOOP
    EXECUTE format('ALTER TABLE %I ADD COLUMN %I uuid REFERENCES person', who.named, who.who || '_id');
    EXECUTE format('ALTER TABLE %I DISABLE TRIGGER USER', who.named);
    EXECUTE format('UPDATE %I SET %I = p.id FROM person p WHERE p.name = %I', who.named, who.who || '_id', who.who);
    EXECUTE format('ALTER TABLE %I ENABLE TRIGGER USER', who.named);
  END LOOP;
END $$;

-- One append-only log of what is said on a sheet before its job starts, each entry a document with its version.
CREATE TABLE sheet_entry (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL REFERENCES job,
  kind text NOT NULL CHECK (kind IN ('DECISION', 'VALUE', 'DESK_NOTE', 'FIT', 'ARRANGEMENT', 'QUOTE', 'PART', 'PRINT')),
  document json NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid REFERENCES person,
  said_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON sheet_entry (job_id, server_order);

INSERT INTO sheet_entry (id, job_id, kind, document, said_by, said_at, said_by_id)
SELECT e.id, e.job_id, e.kind, json_strip_nulls(e.document), e.said_by, e.said_at, p.id FROM (
  SELECT id, job_id, 'DECISION' AS kind, json_build_object('version', 1, 'jointId', joint_id, 'valueIndex', value_index,
      'readAs', read_as, 'reason', reason) AS document, decided_by AS said_by, decided_at AS said_at, server_order FROM job_decision
  UNION ALL SELECT id, job_id, 'VALUE', json_build_object('version', 1, 'jointId', joint_id, 'typed', typed, 'source', source,
      'document', document, 'condition', condition), entered_by, entered_at, server_order FROM job_value
  UNION ALL SELECT id, job_id, 'DESK_NOTE', json_build_object('version', 1, 'jointId', joint_id, 'state', state, 'summary', summary),
      noted_by, noted_at, server_order FROM desk_note
  UNION ALL SELECT id, job_id, 'FIT', json_build_object('version', 1, 'question', question, 'fits', fits, 'note', note),
      answered_by, answered_at, server_order FROM job_fit
  UNION ALL SELECT id, job_id, 'ARRANGEMENT', json_build_object('version', 1, 'jointIds', joint_ids), arranged_by, arranged_at,
      server_order FROM job_arrangement
  UNION ALL SELECT id, job_id, 'QUOTE', json_build_object('version', 1, 'amount', amount::text), quoted_by, quoted_at, server_order
      FROM job_quote
  UNION ALL SELECT id, job_id, 'PART', json_build_object('version', 1, 'name', name), named_by, named_at, server_order FROM job_part
  UNION ALL SELECT id, job_id, 'PRINT', json_build_object('version', 1, 'joints', card -> 'joints', 'blockers', card -> 'blockers'),
      printed_by, printed_at, server_order FROM job_print
) e LEFT JOIN person p ON p.name = e.said_by ORDER BY e.said_at, e.server_order;

CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON sheet_entry FOR EACH ROW EXECUTE FUNCTION refuse_change();
DROP TABLE job_decision, job_value, desk_note, job_fit, job_arrangement, job_quote, job_part, job_print;

-- Re-checks name the joints they are about by id; the titles of that day stay beside them.
ALTER TABLE recheck ADD COLUMN joint_ids json NOT NULL DEFAULT '[]';
UPDATE recheck r SET joint_ids = coalesce((
  SELECT json_agg(j ->> 'id') FROM job, json_array_elements(job.pack -> 'joints') j
  WHERE job.id = r.job_id AND strpos(', ' || r.joints || ', ', ', ' || (j ->> 'title') || ', ') > 0), '[]');
ALTER TABLE recheck ALTER COLUMN joint_ids DROP DEFAULT;

-- A meter that was replaced: what the old one said last, what the new one began with.
CREATE TABLE meter_replacement (
  id uuid PRIMARY KEY,
  machine_id uuid NOT NULL REFERENCES machine,
  figure_before double precision NOT NULL CHECK (figure_before >= 0),
  figure_after double precision NOT NULL CHECK (figure_after >= 0),
  replaced_by text NOT NULL,
  replaced_by_id uuid REFERENCES person,
  replaced_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON meter_replacement (machine_id);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON meter_replacement FOR EACH ROW EXECUTE FUNCTION refuse_change();

-- Each reading taken with a torque tool is one use of it.
CREATE TABLE tool_use (
  entry_id uuid PRIMARY KEY,
  tool_id uuid NOT NULL REFERENCES torque_tool,
  used_at timestamptz NOT NULL
);
CREATE INDEX ON tool_use (tool_id, used_at);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON tool_use FOR EACH ROW EXECUTE FUNCTION refuse_change();
