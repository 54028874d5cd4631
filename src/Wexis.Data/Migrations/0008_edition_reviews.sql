-- 0008_edition_reviews.sql
-- Why:  an edition is looked through by somebody, approved by somebody, or taken out of use; who and when is kept. An approved one
--       keeps the map it was approved with, and the rules that made it, and is never changed: the next save makes the next edition.
-- Lock: a moment on techniques.edition; no row is rewritten.   Undo: drop the columns and the table.
ALTER TABLE techniques.edition
    ADD COLUMN review      text,
    ADD COLUMN reviewed_by uuid REFERENCES people.person,
    ADD COLUMN reviewed_at timestamptz,
    ADD COLUMN kept        jsonb,
    ADD CONSTRAINT edition_has_a_known_review CHECK (review IN ('reviewed', 'approved', 'retired')),
    ADD CONSTRAINT review_names_who_and_when  CHECK (review IS NULL OR (reviewed_by IS NOT NULL AND reviewed_at IS NOT NULL)),
    ADD CONSTRAINT approved_keeps_its_map     CHECK (review IS DISTINCT FROM 'approved' OR (kept IS NOT NULL AND frozen_at IS NOT NULL));

-- What was decided over an edition, in order; only ever added to.
CREATE TABLE techniques.edition_step (
    technique_id uuid        NOT NULL,
    edition      integer     NOT NULL,
    at           timestamptz NOT NULL,
    step         text        NOT NULL,
    note         text        NOT NULL DEFAULT '',
    by_person    uuid        NOT NULL REFERENCES people.person,
    CONSTRAINT step_is_of_an_edition FOREIGN KEY (technique_id, edition) REFERENCES techniques.edition,
    CONSTRAINT step_is_known         CHECK (step IN ('reviewed', 'approved', 'retired', 'back-in-use'))
);

CREATE INDEX edition_step_of_edition ON techniques.edition_step (technique_id, edition, at);
