-- A workshop of many years, made from the demo's own jobs: 10 000 machines, 5 000 jobs of which 300 are open, a million entries, 100 000 values.
BEGIN;
-- Seeding only: the application never writes like this.
INSERT INTO machine (id, name, kind, make, model, model_year, variant, frame_number, meter, note)
SELECT md5('machine' || n)::uuid, 'Unit ' || n, (ARRAY['MOTORCYCLE', 'ATV', 'BICYCLE'])[1 + n % 3], 'Make ' || n % 40, 'Model ' || n % 700,
  2000 + n % 27, '', 'FR-' || lpad((n * 7919 % 1000003)::text, 7, '0'), 'KM', 'Bay ' || n % 50 FROM generate_series(1, 9991) n;
INSERT INTO meter_reading (id, machine_id, figure, read_by, read_at) SELECT gen_random_uuid(), md5('machine' || n)::uuid, n * 3, 'seed', now() - make_interval(days => n % 300) FROM generate_series(1, 9991) n;
INSERT INTO stated_value (id, make, model, year_from, year_to, variant, place, thread, typed, source, document, condition, said_by, said_by_id, said_at)
SELECT gen_random_uuid(), 'Make ' || n % 40, 'Model ' || n % 700, 2000 + n % 27, 2001 + n % 27, '',
  (ARRAY['rear axle nut', 'front axle nut', 'stem pinch', 'faceplate', 'drain plug', 'crank bolt', 'front caliper', 'tank stay'])[1 + n % 8] || ' ' || n % 90,
  'M' || 5 + n % 16, 5 + n % 140 || ' Nm', 'MANUAL', 'Manual ' || n % 400 || ', p. ' || n % 300, 'UNKNOWN', 'seed', gen_random_uuid(), now()
FROM generate_series(1, 100000) n;

CREATE TEMP TABLE copy AS
WITH wanted AS (
  SELECT n, CASE WHEN n <= 4700 THEN 1 + n % 4 WHEN n <= 4850 THEN 5 WHEN n <= 4950 THEN 6 ELSE 7 END AS number FROM generate_series(1, 4993) n)
SELECT w.n, j.id AS from_id, md5('job' || w.n)::uuid AS id,
  CASE WHEN w.n % 500 = 0 THEN md5('machine1')::uuid ELSE md5('machine' || 1 + w.n * 2 % 9991)::uuid END AS machine_id
FROM wanted w JOIN job j ON j.number = w.number;
INSERT INTO job (id, machine_id, title, pack, created_by, created_by_id, created_at)
SELECT c.id, c.machine_id, j.title, j.pack, j.created_by, j.created_by_id, j.created_at - make_interval(hours => c.n) FROM copy c JOIN job j ON j.id = c.from_id ORDER BY c.n;
INSERT INTO sheet_entry (id, job_id, kind, document, said_by, said_by_id, said_at)
SELECT md5(s.id::text || c.n)::uuid, c.id, s.kind, s.document, s.said_by, s.said_by_id, s.said_at FROM copy c JOIN sheet_entry s ON s.job_id = c.from_id AND s.kind <> 'PRINT';
INSERT INTO job_run (job_id, sheet, started_by, started_by_id, started_at)
SELECT c.id, r.sheet, r.started_by, r.started_by_id, r.started_at - make_interval(hours => c.n) FROM copy c JOIN job_run r ON r.job_id = c.from_id;
CREATE TEMP TABLE said AS
SELECT c.n, c.id AS job_id, e.server_order, md5(e.id::text || c.n)::uuid AS id, e.id AS from_id, e.device, e.counter,
  replace(CASE WHEN e.payload->>'corrects' IS NULL THEN e.payload::text ELSE replace(e.payload::text, e.payload->>'corrects', md5((e.payload->>'corrects') || c.n)::uuid::text) END,
    e.id::text, md5(e.id::text || c.n)::uuid::text) AS payload
FROM copy c JOIN run_event e ON e.job_id = c.from_id;
-- Notes said on the way fill each signed log to some two hundred entries, before its signature.
INSERT INTO said
SELECT c.n, c.id, 0, gen.id, NULL, 'note', k,
  json_build_object('id', gen.id, 'stepId', '-', 'kind', 'NOTE', 'reason', 'Seen on the way, number ' || k,
    'by', json_build_object('id', j.created_by_id, 'name', j.created_by, 'lead', false),
    'doneAt', r.started_at, 'receivedAt', r.started_at, 'deviceAheadSeconds', 0, 'version', 4)::text
FROM copy c JOIN job j ON j.id = c.id JOIN job_run r ON r.job_id = c.id JOIN generate_series(1, 157) k ON true
CROSS JOIN LATERAL (SELECT md5('note' || c.n || '.' || k)::uuid AS id) gen WHERE c.n <= 4700;
INSERT INTO run_event (id, job_id, device, counter, payload) SELECT id, job_id, device, counter, payload::json FROM said ORDER BY n, server_order;
INSERT INTO tool_use (entry_id, tool_id, used_at) SELECT s.id, u.tool_id, u.used_at - make_interval(hours => s.n) FROM said s JOIN tool_use u ON u.entry_id = s.from_id;
INSERT INTO job_record (job_id, signed_by, signed_by_id, signed_at, as_built)
SELECT c.id, r.signed_by, r.signed_by_id, r.signed_at - make_interval(hours => c.n), r.as_built FROM copy c JOIN job_record r ON r.job_id = c.from_id;
INSERT INTO recheck (id, machine_id, job_id, rule, why, joints, after_first_ride, on_date, at_km, at_hours, meter_then, made_at, joint_ids)
SELECT md5(r.id::text || c.n)::uuid, c.machine_id, c.id, r.rule, r.why, r.joints, r.after_first_ride, r.on_date - c.n / 24, r.at_km, r.at_hours, r.meter_then,
  r.made_at - make_interval(hours => c.n), r.joint_ids FROM copy c JOIN recheck r ON r.job_id = c.from_id;
INSERT INTO recheck_result (id, recheck_id, outcome, note, found_by, found_at, found_by_id)
SELECT md5('result' || r.id)::uuid, r.id, 'HELD', '', j.created_by, r.made_at + interval '9 days', j.created_by_id
FROM copy c JOIN recheck r ON r.job_id = c.id JOIN job j ON j.id = c.id WHERE c.n % 40 <> 0;
COMMIT;
ANALYZE;
