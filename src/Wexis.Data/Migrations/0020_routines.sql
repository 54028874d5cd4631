-- 0020_routines.sql
-- Why:  what is done one after another, in the minutes there are. Editions as with techniques: what was taken for somebody stays.
-- Lock: none; new tables.   Undo: drop schema routines cascade.
CREATE SCHEMA routines;

CREATE TABLE routines.routine (
    routine_id uuid PRIMARY KEY,
    away       text,
    away_by    uuid REFERENCES people.person,
    away_at    timestamptz,
    CONSTRAINT routine_is_away_by_somebody CHECK (away IN ('archived', 'deleted') AND away_by IS NOT NULL AND away_at IS NOT NULL OR away IS NULL)
);

CREATE TABLE routines.edition (
    routine_id uuid        NOT NULL REFERENCES routines.routine ON DELETE CASCADE,
    edition    integer     NOT NULL DEFAULT 1,
    version    integer     NOT NULL DEFAULT 1,
    name       text        NOT NULL,
    body       jsonb       NOT NULL,
    seconds    integer     NOT NULL,
    remarks    integer     NOT NULL,
    frozen_at  timestamptz,
    changed_by uuid        NOT NULL REFERENCES people.person,
    changed_at timestamptz NOT NULL,
    PRIMARY KEY (routine_id, edition),
    CONSTRAINT routine_has_a_name CHECK (name <> ''),
    CONSTRAINT routine_edition_counts_up CHECK (edition >= 1 AND version >= 1)
);
