-- 0004_examinations.sql
-- Why:  an examination is a list of stations, each with one mark sheet. A sheet refers to one edition of its technique for good;
--       a revision that was graded by does not change, editing it makes the next one.
-- Lock: none; new tables.   Undo: drop schema examinations cascade.
CREATE SCHEMA examinations;

CREATE TABLE examinations.examination (
    examination_id uuid        PRIMARY KEY,
    name           text        NOT NULL,
    programme_id   uuid        REFERENCES programmes.programme,
    added_by       uuid        NOT NULL REFERENCES people.person,
    added_at       timestamptz NOT NULL,
    CONSTRAINT examination_has_a_name CHECK (name <> '')
);

CREATE TABLE examinations.station (
    station_id     uuid    PRIMARY KEY,
    examination_id uuid    NOT NULL REFERENCES examinations.examination,
    place          integer NOT NULL,
    technique_id   uuid    NOT NULL,
    edition        integer NOT NULL,
    CONSTRAINT station_is_of_one_edition   FOREIGN KEY (technique_id, edition) REFERENCES techniques.edition,
    CONSTRAINT station_place_is_taken_once UNIQUE (examination_id, place)
);

CREATE TABLE examinations.sheet_revision (
    station_id uuid        NOT NULL REFERENCES examinations.station,
    revision   integer     NOT NULL,
    version    integer     NOT NULL DEFAULT 1,
    body       jsonb       NOT NULL,
    pass_line  numeric     NOT NULL,
    changed_by uuid        NOT NULL REFERENCES people.person,
    changed_at timestamptz NOT NULL,
    used_at    timestamptz,
    PRIMARY KEY (station_id, revision),
    CONSTRAINT pass_line_is_a_percentage CHECK (pass_line > 0 AND pass_line <= 100)
);

CREATE FUNCTION examinations.refuse_used_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
    IF OLD.used_at IS NOT NULL AND (NEW.body IS DISTINCT FROM OLD.body OR NEW.pass_line IS DISTINCT FROM OLD.pass_line OR NEW.used_at IS DISTINCT FROM OLD.used_at) THEN
        RAISE EXCEPTION 'a mark sheet that was graded by does not change'
            USING ERRCODE = 'integrity_constraint_violation', CONSTRAINT = 'sheet_revision_is_used', HINT = 'Save the change as the next revision.';
    END IF;
    RETURN NEW;
END $$;

CREATE TRIGGER sheet_revision_is_used BEFORE UPDATE ON examinations.sheet_revision FOR EACH ROW EXECUTE FUNCTION examinations.refuse_used_change();
