-- 0009_library_reasons.sql
-- Why:  one muscle trained here and let rest there may be meant; it is kept only with a reason. Where schools disagree the house
--       chooses, with its reason.
-- Lock: none; new tables.   Undo: drop table techniques.kept_conflict, techniques.house_choice.
CREATE TABLE techniques.kept_conflict (
    structure text        PRIMARY KEY,
    reason    text        NOT NULL,
    by_person uuid        NOT NULL REFERENCES people.person,
    at        timestamptz NOT NULL,
    CONSTRAINT conflict_is_kept_with_a_reason CHECK (btrim(reason) <> '')
);

CREATE TABLE techniques.house_choice (
    question  text        PRIMARY KEY,
    choice    text        NOT NULL,
    reason    text        NOT NULL,
    by_person uuid        NOT NULL REFERENCES people.person,
    at        timestamptz NOT NULL,
    CONSTRAINT choice_has_a_reason CHECK (btrim(reason) <> '')
);
