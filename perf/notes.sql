-- So many notes at the end of a job's log. Variables: job, entries.
INSERT INTO run_event (id, job_id, device, counter, payload)
SELECT g.id, :'job', 'seed ' || :entries, k, json_build_object('id', g.id, 'stepId', '-', 'kind', 'NOTE', 'reason', 'Seen on the way, number ' || k,
  'by', json_build_object('id', r.started_by_id, 'name', r.started_by, 'lead', false), 'doneAt', r.started_at, 'receivedAt', r.started_at,
  'deviceAheadSeconds', 0, 'version', 4)
FROM job_run r JOIN generate_series(1, :entries) k ON true CROSS JOIN LATERAL (SELECT md5(:'job' || :entries || '.' || k)::uuid AS id) g WHERE r.job_id = :'job';
