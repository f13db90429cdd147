-- Machines and tools are brought in as sheets like values are.
ALTER TABLE value_import RENAME TO brought_sheet;
ALTER TABLE value_import_line RENAME TO brought_line;
ALTER TABLE brought_sheet ADD COLUMN kind text NOT NULL DEFAULT 'VALUES' CHECK (kind IN ('VALUES', 'MACHINES', 'TOOLS'));
ALTER TABLE brought_sheet ALTER COLUMN kind DROP DEFAULT;
ALTER TABLE brought_line RENAME COLUMN import_id TO sheet_id;
ALTER TABLE brought_line RENAME COLUMN spec TO read;
-- What stood there before a line changed it, so that it can stand again.
ALTER TABLE brought_line ADD COLUMN before json;
