-- 0003_programmes.sql
-- Why:  techniques into modules, in an order, with what the programme promises.
-- Lock: none; new table.   Undo: drop schema programmes cascade.
CREATE SCHEMA programmes;

CREATE TABLE programmes.programme (
    programme_id uuid        PRIMARY KEY,
    version      integer     NOT NULL DEFAULT 1,
    name         text        NOT NULL,
    body         jsonb       NOT NULL,
    gaps         integer     NOT NULL DEFAULT 0,
    changed_by   uuid        NOT NULL REFERENCES people.person,
    changed_at   timestamptz NOT NULL,
    CONSTRAINT programme_has_a_name CHECK (name <> '')
);
