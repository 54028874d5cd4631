-- 0024_second_looks.sql
-- Why:  a demonstration is looked at a second time, blind, and that is no attempt; what happens to a result (second look, agreement, release,
--       withdrawal, correction, appeal) is only ever added, with by whom and why. A colleague from outside sees one case, until a day.
--       An examination says by which rule its stations come to a whole.
-- Lock: grading.demonstration, people.person, results.result and examinations.examination while columns are added and checks exchanged.
-- Undo: drop the columns, the tables and the indexes; put the unique constraint of 0005 and the check of 0001 back.
ALTER TABLE grading.demonstration
    ADD COLUMN second_of uuid REFERENCES grading.demonstration,
    DROP CONSTRAINT attempt_is_taken_once;
CREATE UNIQUE INDEX attempt_is_taken_once ON grading.demonstration (station_id, trainee_id, attempt) WHERE second_of IS NULL;
CREATE UNIQUE INDEX second_look_is_one_of_each ON grading.demonstration (second_of, assessor_id) WHERE second_of IS NOT NULL;

-- The result that stands, where it is another than the one that was decided first.
ALTER TABLE results.result ADD COLUMN stands jsonb;

CREATE TABLE results.case_event (
    event_id         uuid        PRIMARY KEY,
    demonstration_id uuid        NOT NULL REFERENCES grading.demonstration,
    arrival          bigint      GENERATED ALWAYS AS IDENTITY,
    kind             text        NOT NULL,
    at               timestamptz NOT NULL,
    by_person        uuid        NOT NULL REFERENCES people.person,
    body             jsonb       NOT NULL,
    CONSTRAINT case_event_kind_is_known CHECK (kind IN ('decided', 'look-asked', 'look-given', 'agreement-proposed', 'agreed', 'third-mark',
        'corrected', 'released', 'withdrawn', 'appeal-lodged', 'appeal-decided'))
);
CREATE INDEX case_event_of_demonstration ON results.case_event (demonstration_id, arrival);
CREATE TRIGGER case_event_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON results.case_event
    FOR EACH STATEMENT EXECUTE FUNCTION house.refuse_change();

-- What was decided and released before has its story too.
INSERT INTO results.case_event (event_id, demonstration_id, kind, at, by_person, body)
SELECT gen.id, r.demonstration_id, 'decided', r.decided_at, r.decided_by,
       jsonb_build_object('schema', 'wexis.case-event/1', 'id', gen.id, 'kind', 'decided', 'at', r.decided_at, 'by', r.decided_by,
                          'decision', r.decision, 'percent', r.percent)
  FROM results.result r CROSS JOIN LATERAL (SELECT gen_random_uuid() AS id WHERE r.demonstration_id IS NOT NULL) gen ORDER BY r.decided_at;
INSERT INTO results.case_event (event_id, demonstration_id, kind, at, by_person, body)
SELECT gen.id, r.demonstration_id, 'released', r.released_at, r.released_by,
       jsonb_build_object('schema', 'wexis.case-event/1', 'id', gen.id, 'kind', 'released', 'at', r.released_at, 'by', r.released_by)
  FROM results.result r CROSS JOIN LATERAL (SELECT gen_random_uuid() AS id WHERE r.demonstration_id IS NOT NULL) gen
 WHERE r.released_at IS NOT NULL ORDER BY r.released_at;

-- Who is invited has an account of their own, which ends.
ALTER TABLE people.person
    DROP CONSTRAINT person_has_a_known_role,
    ADD CONSTRAINT person_has_a_known_role CHECK (role IN ('lead', 'assessor', 'trainee', 'invited')),
    ADD COLUMN ends_at timestamptz,
    ADD CONSTRAINT an_invitation_ends CHECK (role <> 'invited' OR ends_at IS NOT NULL);
CREATE TABLE results.invitation (
    person_id        uuid        PRIMARY KEY REFERENCES people.person,
    demonstration_id uuid        NOT NULL REFERENCES grading.demonstration,
    invited_by       uuid        NOT NULL REFERENCES people.person,
    invited_at       timestamptz NOT NULL
);

ALTER TABLE examinations.examination ADD COLUMN rule jsonb;
