-- 0005_grading.sql
-- Why:  marks are events: appended, never changed. A crash, a lost network or a dispute is answered by replaying them.
--       Events hold ids, never names.
-- Lock: none; new tables.   Undo: drop schema grading cascade.
CREATE SCHEMA grading;

CREATE TABLE grading.demonstration (
    demonstration_id uuid        PRIMARY KEY,
    station_id       uuid        NOT NULL,
    revision         integer     NOT NULL,
    trainee_id       uuid        NOT NULL REFERENCES people.person,
    assessor_id      uuid        NOT NULL REFERENCES people.person,
    attempt          integer     NOT NULL,
    opened_at        timestamptz NOT NULL,
    submitted_at     timestamptz,
    CONSTRAINT demonstration_is_graded_by_one_revision FOREIGN KEY (station_id, revision) REFERENCES examinations.sheet_revision,
    CONSTRAINT attempt_counts_from_one                 CHECK (attempt >= 1),
    CONSTRAINT attempt_is_taken_once                   UNIQUE (station_id, trainee_id, attempt),
    CONSTRAINT nobody_grades_themselves                CHECK (trainee_id <> assessor_id)
);

CREATE TABLE grading.mark_event (
    event_id         uuid        PRIMARY KEY,
    demonstration_id uuid        NOT NULL REFERENCES grading.demonstration,
    arrival          bigint      GENERATED ALWAYS AS IDENTITY,
    kind             text        NOT NULL,
    device           text        NOT NULL,
    counter          integer     NOT NULL,
    at_ms            bigint      NOT NULL,
    step             integer,
    side             text,
    target           text,
    value            double precision,
    note             text,
    given_by         uuid        NOT NULL REFERENCES people.person,
    arrived_at       timestamptz NOT NULL,
    CONSTRAINT mark_event_counter_is_taken_once UNIQUE (demonstration_id, device, counter),
    CONSTRAINT mark_event_kind_is_known CHECK (kind IN ('start', 'rep', 'press', 'release', 'fault', 'mark', 'critical', 'undo', 'stop'))
);

CREATE FUNCTION grading.refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
    RAISE EXCEPTION 'marks are only ever added'
        USING ERRCODE = 'integrity_constraint_violation', CONSTRAINT = 'mark_event_append_only', HINT = 'Append an undo.';
END $$;

CREATE TRIGGER mark_event_append_only
    BEFORE UPDATE OR DELETE OR TRUNCATE ON grading.mark_event
    FOR EACH STATEMENT EXECUTE FUNCTION grading.refuse_change();

-- Nothing is added to a sheet that was submitted.
CREATE FUNCTION grading.refuse_late_event() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
    PERFORM 1 FROM grading.demonstration WHERE demonstration_id = NEW.demonstration_id AND submitted_at IS NULL FOR SHARE;
    IF NOT FOUND THEN
        RAISE EXCEPTION 'this demonstration was submitted'
            USING ERRCODE = 'integrity_constraint_violation', CONSTRAINT = 'demonstration_is_open';
    END IF;
    RETURN NEW;
END $$;

CREATE TRIGGER demonstration_is_open BEFORE INSERT ON grading.mark_event FOR EACH ROW EXECUTE FUNCTION grading.refuse_late_event();
