-- 0015_related.sql
-- Why:  which techniques call this one theirs is asked with every technique that is opened; the whole of each body was read for it.
-- Lock: techniques.edition while it is rewritten (a second for thousands).   Undo: drop the column.
ALTER TABLE techniques.edition ADD COLUMN related jsonb GENERATED ALWAYS AS (CASE jsonb_typeof(body -> 'related') WHEN 'array' THEN body -> 'related' ELSE '[]'::jsonb END) STORED;

CREATE INDEX edition_calls_others_related ON techniques.edition USING gin (related jsonb_path_ops);
