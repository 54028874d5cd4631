-- 0021_cohort_programmes.sql
-- Why:  a cohort runs on one edition of its programme and is taught from one edition of each routine; what was taken is only added to.
-- Lock: programmes.programme and programmes.cohort for the time of two small columns.   Undo: drop the tables and columns.
ALTER TABLE programmes.programme ADD COLUMN edition integer NOT NULL DEFAULT 1;

CREATE TABLE programmes.edition (
    programme_id uuid        NOT NULL REFERENCES programmes.programme,
    edition      integer     NOT NULL,
    body         jsonb       NOT NULL,
    taken_at     timestamptz NOT NULL,
    PRIMARY KEY (programme_id, edition)
);

INSERT INTO programmes.edition (programme_id, edition, body, taken_at)
SELECT p.programme_id, 1, p.body, (SELECT min(c.opened_at) FROM programmes.cohort c WHERE c.programme_id = p.programme_id)
  FROM programmes.programme p WHERE EXISTS (SELECT 1 FROM programmes.cohort c WHERE c.programme_id = p.programme_id);

ALTER TABLE programmes.cohort ADD COLUMN programme_edition integer NOT NULL DEFAULT 1;
ALTER TABLE programmes.cohort ALTER COLUMN programme_edition DROP DEFAULT;
ALTER TABLE programmes.cohort ADD CONSTRAINT cohort_runs_on_an_edition FOREIGN KEY (programme_id, programme_edition) REFERENCES programmes.edition;

CREATE TABLE programmes.cohort_routine (
    cohort_id  uuid        NOT NULL REFERENCES programmes.cohort,
    routine_id uuid        NOT NULL,
    edition    integer     NOT NULL,
    taken_by   uuid        NOT NULL REFERENCES people.person,
    taken_at   timestamptz NOT NULL,
    PRIMARY KEY (cohort_id, routine_id, taken_at),
    CONSTRAINT cohort_is_taught_a_routine FOREIGN KEY (routine_id, edition) REFERENCES routines.edition
);

CREATE TRIGGER cohort_routine_is_kept BEFORE UPDATE OR DELETE ON programmes.cohort_routine FOR EACH ROW EXECUTE FUNCTION programmes.refuse_taken_change();
CREATE TRIGGER programme_edition_is_kept BEFORE UPDATE OR DELETE ON programmes.edition FOR EACH ROW EXECUTE FUNCTION programmes.refuse_taken_change();
