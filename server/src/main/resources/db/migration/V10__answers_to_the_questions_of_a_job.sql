-- What was answered to the questions a job asks first is said on its sheet like all else; so are
-- values that are taken back and joints that are done by feel.
ALTER TABLE sheet_entry DROP CONSTRAINT sheet_entry_kind_check;
ALTER TABLE sheet_entry ADD CONSTRAINT sheet_entry_kind_check
  CHECK (kind IN ('DECISION', 'VALUE', 'DESK_NOTE', 'FIT', 'ARRANGEMENT', 'QUOTE', 'PART', 'PRINT', 'CHOICE', 'WITHDRAWAL', 'BY_FEEL'));
