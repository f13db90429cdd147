-- Which keys, sockets and special tools the crib holds; the latest line of a name counts.
CREATE TABLE hand_tool (
  id uuid PRIMARY KEY,
  name text NOT NULL CHECK (length(name) BETWEEN 1 AND 200),
  here boolean NOT NULL,
  said_by text NOT NULL,
  said_at timestamptz NOT NULL,
  server_order bigint GENERATED ALWAYS AS IDENTITY
);
CREATE INDEX ON hand_tool (lower(name), server_order DESC);
CREATE TRIGGER evidence BEFORE UPDATE OR DELETE ON hand_tool FOR EACH ROW EXECUTE FUNCTION refuse_change();
