-- 0016_away.sql
-- Why:  what is no longer wanted is archived or deleted, and comes back when it was a slip. Archived stays for good; deleted is out of
--       sight everywhere and removed after thirty days, unless something rests on it.
-- Lock: a moment on five tables; no row is rewritten.   Undo: drop the columns.
ALTER TABLE techniques.technique ADD COLUMN away text, ADD COLUMN away_by uuid REFERENCES people.person, ADD COLUMN away_at timestamptz,
    ADD CONSTRAINT technique_is_away_by_somebody CHECK (away IN ('archived', 'deleted') AND away_by IS NOT NULL AND away_at IS NOT NULL OR away IS NULL);
ALTER TABLE programmes.programme ADD COLUMN away text, ADD COLUMN away_by uuid REFERENCES people.person, ADD COLUMN away_at timestamptz,
    ADD CONSTRAINT programme_is_away_by_somebody CHECK (away IN ('archived', 'deleted') AND away_by IS NOT NULL AND away_at IS NOT NULL OR away IS NULL);
ALTER TABLE examinations.examination ADD COLUMN away text, ADD COLUMN away_by uuid REFERENCES people.person, ADD COLUMN away_at timestamptz,
    ADD CONSTRAINT examination_is_away_by_somebody CHECK (away IN ('archived', 'deleted') AND away_by IS NOT NULL AND away_at IS NOT NULL OR away IS NULL);
ALTER TABLE examinations.station ADD COLUMN away text, ADD COLUMN away_by uuid REFERENCES people.person, ADD COLUMN away_at timestamptz,
    ADD CONSTRAINT station_is_away_by_somebody CHECK (away IN ('archived', 'deleted') AND away_by IS NOT NULL AND away_at IS NOT NULL OR away IS NULL);
ALTER TABLE people.person ADD COLUMN away text, ADD COLUMN away_by uuid REFERENCES people.person, ADD COLUMN away_at timestamptz,
    ADD CONSTRAINT person_is_away_by_somebody CHECK (away IN ('archived', 'deleted') AND away_by IS NOT NULL AND away_at IS NOT NULL OR away IS NULL),
    ADD CONSTRAINT who_is_away_has_no_account CHECK (away IS NULL OR NOT active);
