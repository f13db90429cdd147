-- What a record is found by beside its head: joints, threads, products, tools, people, what was said. Made of the record, and made anew at any time.
CREATE TABLE record_words (
  job_id uuid PRIMARY KEY REFERENCES job_record (job_id),
  words tsvector NOT NULL
);
CREATE INDEX ON record_words USING gin (words);
