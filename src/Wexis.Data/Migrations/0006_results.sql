-- 0006_results.sql
-- Why:  what was decided, as it was decided; a trainee sees it once somebody entitled releases it.
-- Lock: none; new table.   Undo: drop schema results cascade.
CREATE SCHEMA results;

CREATE TABLE results.result (
    demonstration_id uuid             PRIMARY KEY REFERENCES grading.demonstration,
    body             jsonb            NOT NULL,
    percent          double precision NOT NULL,
    decision         text             NOT NULL,
    decided_at       timestamptz      NOT NULL,
    decided_by       uuid             NOT NULL REFERENCES people.person,
    released_at      timestamptz,
    released_by      uuid             REFERENCES people.person,
    CONSTRAINT result_is_decided       CHECK (decision IN ('pass', 'fail')),
    CONSTRAINT release_names_who_did_it CHECK ((released_at IS NULL) = (released_by IS NULL))
);
