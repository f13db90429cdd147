-- A workshop's own packs: every version stays; the newest of a key is offered.
ALTER TABLE pack DROP CONSTRAINT pack_pkey;
ALTER TABLE pack ADD COLUMN version integer NOT NULL DEFAULT 1;
ALTER TABLE pack ADD COLUMN added_by text NOT NULL DEFAULT '';
ALTER TABLE pack ADD PRIMARY KEY (key, version);
