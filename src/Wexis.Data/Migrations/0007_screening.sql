-- 0007_screening.sql
-- Why:  what a person answers about their health decides which techniques suit them. It is health data: kept only with consent,
--       seen only by the person, by who took it and by those the person named, exportable, and erased as a whole.
--       An answer never changes; whoever asks again makes a new screening.
-- Lock: none; new tables.   Undo: drop table people.screening, people.screening_erased.
CREATE TABLE people.screening (
    screening_id   uuid        PRIMARY KEY,
    about_person   uuid        REFERENCES people.person,
    about_name     text        NOT NULL,
    answers        jsonb       NOT NULL,
    consent        jsonb       NOT NULL,
    taken_by       uuid        NOT NULL REFERENCES people.person,
    taken_at       timestamptz NOT NULL,
    seen_by        uuid[]      NOT NULL,
    CONSTRAINT screening_is_about_someone CHECK (about_name <> ''),
    CONSTRAINT screening_has_consent      CHECK (consent ->> 'given' = 'true')
);

CREATE INDEX screening_of_person ON people.screening (about_person);

-- That something was erased, when and by whom; nothing of what it said or about whom.
CREATE TABLE people.screening_erased (
    screening_id uuid        PRIMARY KEY,
    erased_by    uuid        NOT NULL REFERENCES people.person,
    erased_at    timestamptz NOT NULL
);

CREATE FUNCTION people.refuse_screening_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
    RAISE EXCEPTION 'answers of a screening do not change'
        USING ERRCODE = 'integrity_constraint_violation', CONSTRAINT = 'screening_is_final', HINT = 'Ask again: that makes a new screening.';
END $$;

CREATE TRIGGER screening_is_final BEFORE UPDATE ON people.screening FOR EACH ROW EXECUTE FUNCTION people.refuse_screening_change();
