-- 0014_house.sql
-- Why:  what a house does otherwise than by default is kept with who said so, when and why; every earlier value stays readable.
--       A row without a value says that the default counts again.
-- Lock: none; new schema.   Undo: drop schema house cascade; the defaults count.
CREATE SCHEMA house;

CREATE TABLE house.setting (
    name       text        NOT NULL,
    version    integer     NOT NULL,
    value      text,
    reason     text        NOT NULL DEFAULT '',
    changed_by uuid        NOT NULL REFERENCES people.person,
    changed_at timestamptz NOT NULL,
    PRIMARY KEY (name, version),
    CONSTRAINT setting_counts_from_one CHECK (version >= 1)
);
