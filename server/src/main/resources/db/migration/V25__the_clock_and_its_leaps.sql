-- What time it was when a server last looked, so that a start can tell a clock that lost its time. One row.
CREATE TABLE clock_seen (
  one boolean PRIMARY KEY DEFAULT true CHECK (one),
  at timestamptz NOT NULL
);
INSERT INTO clock_seen (at) VALUES ('-infinity');
