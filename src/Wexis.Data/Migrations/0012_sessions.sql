-- 0012_sessions.sql
-- Why:  a session is held here and not in the browser's cookie alone: signing out, a new password or an account that is closed ends it
--       at once, everywhere. Only the hash of the key is kept: who reads this table cannot sign in by it.
-- Lock: none; new table.   Undo: drop table people.session; everybody signs in again.
CREATE TABLE people.session (
    key_hash  bytea       PRIMARY KEY,
    person_id uuid        NOT NULL REFERENCES people.person,
    stamp     uuid        NOT NULL,
    begun_at  timestamptz NOT NULL,
    ends_at   timestamptz NOT NULL,
    CONSTRAINT session_key_is_a_hash CHECK (octet_length(key_hash) = 32)
);

CREATE INDEX session_of_person ON people.session (person_id);
CREATE INDEX session_by_end ON people.session (ends_at);
