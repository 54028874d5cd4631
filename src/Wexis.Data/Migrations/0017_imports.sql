-- 0017_imports.sql
-- Why:  whatever comes in from a file can be taken back as a whole: what it added and what it changed, with the words from before.
-- Lock: none; new tables.   Undo: drop both tables; imports of before cannot be taken back.
CREATE TABLE techniques.import (
    import_id     uuid        PRIMARY KEY,
    by_person     uuid        NOT NULL REFERENCES people.person,
    at            timestamptz NOT NULL,
    taken_back_by uuid        REFERENCES people.person,
    taken_back_at timestamptz
);

CREATE TABLE techniques.import_part (
    import_id    uuid    NOT NULL REFERENCES techniques.import,
    technique_id uuid    NOT NULL REFERENCES techniques.technique ON DELETE CASCADE,
    edition      integer NOT NULL,
    version      integer NOT NULL,
    before       jsonb,
    PRIMARY KEY (import_id, technique_id)
);
