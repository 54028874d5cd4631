-- 0023_kinds_of_demonstration.sql
-- Why:  a station examines one technique on oneself, on a partner or before a group, a routine, several techniques, or a correction;
--       a lesson or a practice is graded in passing, by a small sheet of its own. What is said, noted, planted, caught, tallied on paper
--       and seen on film are marks of their own.
-- Lock: examinations.station, grading.demonstration and grading.mark_event while columns are added and checks exchanged.
-- Undo: drop the columns and the table, put NOT NULL and the check of 0022 back.
ALTER TABLE examinations.station
    ADD COLUMN kind            text NOT NULL DEFAULT 'oneself',
    ADD COLUMN routine_id      uuid,
    ADD COLUMN routine_edition integer,
    ALTER COLUMN technique_id DROP NOT NULL,
    ALTER COLUMN edition      DROP NOT NULL,
    ADD CONSTRAINT station_kind_is_known CHECK (kind IN ('oneself', 'partner', 'group', 'correction', 'several')),
    ADD CONSTRAINT station_is_of_one_routine_edition FOREIGN KEY (routine_id, routine_edition) REFERENCES routines.edition,
    ADD CONSTRAINT station_shows_one_thing CHECK (
        num_nonnulls(technique_id, routine_id) = 1
        AND (technique_id IS NULL) = (edition IS NULL) AND (routine_id IS NULL) = (routine_edition IS NULL));

-- What a station of a routine or of several techniques consists of.
CREATE TABLE examinations.station_part (
    station_id   uuid    NOT NULL REFERENCES examinations.station,
    place        integer NOT NULL,
    technique_id uuid    NOT NULL,
    edition      integer NOT NULL,
    PRIMARY KEY (station_id, place),
    CONSTRAINT station_part_is_of_one_edition FOREIGN KEY (technique_id, edition) REFERENCES techniques.edition
);
CREATE INDEX station_part_by_technique ON examinations.station_part (technique_id);

ALTER TABLE grading.demonstration
    ADD COLUMN origin       text NOT NULL DEFAULT 'station',
    ADD COLUMN technique_id uuid,
    ADD COLUMN edition      integer,
    ADD COLUMN sheet        jsonb,
    ALTER COLUMN station_id DROP NOT NULL,
    ALTER COLUMN revision   DROP NOT NULL,
    ADD CONSTRAINT demonstration_origin_is_known CHECK (origin IN ('station', 'lesson', 'practice')),
    ADD CONSTRAINT demonstration_is_of_one_edition FOREIGN KEY (technique_id, edition) REFERENCES techniques.edition,
    ADD CONSTRAINT demonstration_has_one_sheet CHECK (
        origin = 'station' AND station_id IS NOT NULL AND revision IS NOT NULL AND sheet IS NULL AND technique_id IS NULL
        OR origin <> 'station' AND station_id IS NULL AND sheet IS NOT NULL AND technique_id IS NOT NULL AND edition IS NOT NULL);

ALTER TABLE grading.mark_event DROP CONSTRAINT mark_event_kind_is_known;
ALTER TABLE grading.mark_event ADD CONSTRAINT mark_event_kind_is_known CHECK (kind IN
    ('start', 'rep', 'press', 'release', 'fault', 'mark', 'critical', 'undo', 'stop', 'unseen', 'slip', 'mended', 'tighter', 'wrong-side', 'interrupted',
     'said', 'note', 'planted', 'caught', 'tally', 'film'));
