-- 0002_techniques.sql
-- Why:  a technique is described once, in editions; an edition that was examined never changes under anyone's feet.
--       The body is one document validated by the core; only what is searched or joined is a column of its own.
-- Lock: none; new tables.   Undo: drop schema techniques cascade.
CREATE SCHEMA techniques;

CREATE TABLE techniques.technique (
    technique_id uuid        PRIMARY KEY,
    code         text        NOT NULL,
    added_by     uuid        NOT NULL REFERENCES people.person,
    added_at     timestamptz NOT NULL,
    CONSTRAINT technique_code_is_taken_once UNIQUE (code)
);

CREATE TABLE techniques.edition (
    technique_id uuid        NOT NULL REFERENCES techniques.technique,
    edition      integer     NOT NULL,
    version      integer     NOT NULL DEFAULT 1,
    name         text        NOT NULL,
    region       text,
    school       text,
    family       text,
    standing     text        NOT NULL,
    body         jsonb       NOT NULL,
    derived      jsonb       NOT NULL,
    changed_by   uuid        NOT NULL REFERENCES people.person,
    changed_at   timestamptz NOT NULL,
    frozen_at    timestamptz,
    PRIMARY KEY (technique_id, edition),
    CONSTRAINT edition_counts_from_one     CHECK (edition >= 1),
    CONSTRAINT edition_has_a_name          CHECK (name <> ''),
    CONSTRAINT edition_has_a_known_standing CHECK (standing IN ('draft', 'complete', 'parked'))
);

CREATE FUNCTION techniques.refuse_frozen_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
    IF OLD.frozen_at IS NOT NULL AND (NEW.body IS DISTINCT FROM OLD.body OR NEW.frozen_at IS DISTINCT FROM OLD.frozen_at OR NEW.name IS DISTINCT FROM OLD.name) THEN
        RAISE EXCEPTION 'an edition that was examined does not change'
            USING ERRCODE = 'integrity_constraint_violation', CONSTRAINT = 'edition_is_frozen', HINT = 'Save the change as the next edition.';
    END IF;
    RETURN NEW;
END $$;

CREATE TRIGGER edition_is_frozen BEFORE UPDATE ON techniques.edition FOR EACH ROW EXECUTE FUNCTION techniques.refuse_frozen_change();
