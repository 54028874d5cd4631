-- 0011_cohorts.sql
-- Why:  a cohort is taught from one edition of each technique. What was taken is only ever added to; the newest row is what counts,
--       and an edition that was taken never changes. Hand-outs are printed from it.
-- Lock: none; new tables.   Undo: drop the three tables.
CREATE TABLE programmes.cohort (
    cohort_id    uuid        PRIMARY KEY,
    programme_id uuid        NOT NULL REFERENCES programmes.programme,
    name         text        NOT NULL,
    opened_by    uuid        NOT NULL REFERENCES people.person,
    opened_at    timestamptz NOT NULL,
    CONSTRAINT cohort_has_a_name           CHECK (btrim(name) <> ''),
    CONSTRAINT cohort_name_is_taken_once   UNIQUE (programme_id, name)
);

CREATE TABLE programmes.cohort_member (
    cohort_id uuid NOT NULL REFERENCES programmes.cohort,
    person_id uuid NOT NULL REFERENCES people.person,
    PRIMARY KEY (cohort_id, person_id)
);

CREATE INDEX cohort_member_of_person ON programmes.cohort_member (person_id);

CREATE TABLE programmes.cohort_edition (
    cohort_id    uuid        NOT NULL REFERENCES programmes.cohort,
    technique_id uuid        NOT NULL,
    edition      integer     NOT NULL,
    taken_by     uuid        NOT NULL REFERENCES people.person,
    taken_at     timestamptz NOT NULL,
    PRIMARY KEY (cohort_id, technique_id, taken_at),
    CONSTRAINT cohort_is_taught_an_edition FOREIGN KEY (technique_id, edition) REFERENCES techniques.edition
);

CREATE FUNCTION programmes.refuse_taken_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
    RAISE EXCEPTION 'what a cohort was taught is not rewritten'
        USING ERRCODE = 'integrity_constraint_violation', CONSTRAINT = 'cohort_edition_is_kept', HINT = 'Take another edition: it is added.';
END $$;

CREATE TRIGGER cohort_edition_is_kept BEFORE UPDATE OR DELETE ON programmes.cohort_edition FOR EACH ROW EXECUTE FUNCTION programmes.refuse_taken_change();
