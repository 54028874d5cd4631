-- 0010_atlas_checks.sql
-- Why:  the atlas is schematic and from memory until somebody qualified has looked at a structure; who did, when, and what they said is kept.
-- Lock: none; new schema.   Undo: drop schema anatomy cascade.
CREATE SCHEMA anatomy;

CREATE TABLE anatomy.structure_check (
    structure    text        NOT NULL,
    checked_on   date        NOT NULL,
    checked_by   text        NOT NULL,
    qualified_as text        NOT NULL,
    verdict      text        NOT NULL,
    remark       text        NOT NULL DEFAULT '',
    entered_by   uuid        NOT NULL REFERENCES people.person,
    entered_at   timestamptz NOT NULL,
    data_version text        NOT NULL,
    PRIMARY KEY (structure, entered_at),
    CONSTRAINT check_names_who           CHECK (btrim(checked_by) <> ''),
    CONSTRAINT check_names_qualification CHECK (btrim(qualified_as) <> ''),
    CONSTRAINT check_has_a_known_verdict CHECK (verdict IN ('right', 'right-with-remarks', 'wrong'))
);
