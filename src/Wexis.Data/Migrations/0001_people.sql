-- 0001_people.sql
-- Why:  who someone is and what they may do. Passwords are kept only as the framework's hash.
-- Lock: none; new tables.   Undo: drop schema people cascade.
CREATE SCHEMA people;

CREATE TABLE people.person (
    person_id      uuid        PRIMARY KEY,
    login          text        NOT NULL,
    name           text        NOT NULL,
    role           text        NOT NULL,
    password_hash  text        NOT NULL,
    security_stamp uuid        NOT NULL,
    active         boolean     NOT NULL DEFAULT true,
    added_at       timestamptz NOT NULL,
    CONSTRAINT person_has_a_known_role CHECK (role IN ('lead', 'assessor', 'trainee')),
    CONSTRAINT person_has_a_login      CHECK (login <> ''),
    CONSTRAINT person_has_a_name       CHECK (name <> '')
);

-- Nobody signs in twice under spellings that differ only in case.
CREATE UNIQUE INDEX login_is_taken_once ON people.person (lower(login));
