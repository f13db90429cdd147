-- A pack that somebody brought is offered to the others once a lead has confirmed that version. Those that were offered until now stay so,
-- in the name of who brought them.
ALTER TABLE pack ADD COLUMN added_at timestamptz NOT NULL DEFAULT now();
CREATE TABLE pack_confirmed (
  key text NOT NULL,
  version integer NOT NULL,
  said_by text NOT NULL,
  said_by_id uuid REFERENCES person (id),
  said_at timestamptz NOT NULL,
  PRIMARY KEY (key, version),
  FOREIGN KEY (key, version) REFERENCES pack (key, version)
);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON pack_confirmed FOR EACH ROW EXECUTE FUNCTION refuse_change();
INSERT INTO pack_confirmed (key, version, said_by, said_by_id, said_at) SELECT key, version, added_by, added_by_id, now() FROM pack;
