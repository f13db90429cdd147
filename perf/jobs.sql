-- Running jobs copied from the demo's own that stands at the bench, one for each tablet; prints their ids. Variables: n, and more for another set.
\if :{?more} \else \set more 0 \endif
CREATE TEMP TABLE copy AS SELECT j.id AS from_id, md5('bench' || :more || '.' || n)::uuid AS id FROM job j CROSS JOIN generate_series(1, :n) n WHERE j.number = 5;
INSERT INTO job (id, machine_id, title, pack, created_by, created_by_id, created_at)
SELECT c.id, j.machine_id, j.title, j.pack, j.created_by, j.created_by_id, j.created_at FROM copy c JOIN job j ON j.id = c.from_id;
INSERT INTO job_run (job_id, sheet, started_by, started_by_id, started_at)
SELECT c.id, r.sheet, r.started_by, r.started_by_id, r.started_at FROM copy c JOIN job_run r ON r.job_id = c.from_id;
SELECT id FROM copy;
