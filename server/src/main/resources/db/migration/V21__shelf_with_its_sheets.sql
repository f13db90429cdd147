-- What a product's own sheet says, when a bottle was opened, and by what a part is ordered.
ALTER TABLE shelf_product
  ADD COLUMN data json,
  ADD COLUMN opened_on date,
  ADD COLUMN months_open integer CHECK (months_open BETWEEN 1 AND 120);
UPDATE shelf_product SET data = json_build_object('version', 1, 'times',
  CASE WHEN fixture_minutes IS NULL AND full_cure_minutes IS NULL THEN '[]'::json
    ELSE json_build_array(json_build_object('fixtureMinutes', fixture_minutes, 'fullCureMinutes', full_cure_minutes)) END,
  'notFor', '[]'::json);
ALTER TABLE shelf_product ALTER COLUMN data SET NOT NULL, DROP COLUMN fixture_minutes, DROP COLUMN full_cure_minutes;
ALTER TABLE shelf_part
  ADD COLUMN size text NOT NULL DEFAULT '',
  ADD COLUMN strength text NOT NULL DEFAULT '',
  ADD COLUMN order_number text NOT NULL DEFAULT '';
