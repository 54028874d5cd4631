-- 0025_glance.sql
-- Why:  a cohort is read at a glance: what each result came to, what waits, and its marks by criterion stand in columns, made from the
--       result that stands in the moment in which it is stored, so that they cannot say anything else.
-- Lock: results.result while columns are added (the table is rewritten once).   Undo: drop the columns, the table, the trigger and the function.
ALTER TABLE results.result
    ADD COLUMN look_open   boolean NOT NULL DEFAULT false,
    ADD COLUMN looked      boolean NOT NULL DEFAULT false,
    ADD COLUMN in_dispute  boolean NOT NULL DEFAULT false,
    ADD COLUMN appeal_open boolean NOT NULL DEFAULT false,
    ADD COLUMN pass_line   double precision GENERATED ALWAYS AS ((coalesce(stands, body) ->> 'pass_line')::double precision) STORED,
    ADD COLUMN doing       double precision GENERATED ALWAYS AS
        ((jsonb_path_query_first(coalesce(stands, body), '$.score.domains[*] ? (@.domain == "doing").percent'))::double precision) STORED,
    ADD COLUMN teaching    double precision GENERATED ALWAYS AS
        ((jsonb_path_query_first(coalesce(stands, body), '$.score.domains[*] ? (@.domain == "teaching").percent'))::double precision) STORED,
    ADD COLUMN counts      boolean GENERATED ALWAYS AS (coalesce((coalesce(stands, body) #>> '{score,counts_as_attempt}')::boolean, true)) STORED,
    ADD COLUMN safety_met  boolean GENERATED ALWAYS AS
        (NOT jsonb_path_exists(coalesce(stands, body), '$.score.criteria[*] ? (@.safety_missed == true)')
         AND NOT jsonb_path_exists(coalesce(stands, body), '$.score.critical_acts[*]')) STORED;

CREATE TABLE results.criterion_mark (
    demonstration_id uuid             NOT NULL REFERENCES results.result ON DELETE CASCADE,
    criterion        text             NOT NULL,
    topic            text             NOT NULL,
    text             text             NOT NULL,
    mark             double precision,
    lost             double precision NOT NULL,
    structures       text[]           NOT NULL,
    PRIMARY KEY (demonstration_id, criterion)
);

CREATE FUNCTION results.keep_marks() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
    IF TG_OP = 'UPDATE' THEN
        DELETE FROM results.criterion_mark WHERE demonstration_id = NEW.demonstration_id;
    END IF;
    INSERT INTO results.criterion_mark (demonstration_id, criterion, topic, text, mark, lost, structures)
    SELECT NEW.demonstration_id, c -> 'criterion' ->> 'id', c -> 'criterion' ->> 'topic', c -> 'criterion' ->> 'text',
           (c ->> 'mark')::double precision, (c ->> 'lost')::double precision,
           CASE WHEN c -> 'criterion' ->> 'topic' = 'anatomy' THEN
               ARRAY(SELECT DISTINCT jsonb_path_query(coalesce(d.sheet, v.body), '$.steps[*].structures[*]') #>> '{}') ELSE '{}' END
      FROM grading.demonstration d
      LEFT JOIN examinations.sheet_revision v ON v.station_id = d.station_id AND v.revision = d.revision
      CROSS JOIN LATERAL jsonb_array_elements(coalesce(NEW.stands, NEW.body) -> 'score' -> 'criteria') c
     WHERE d.demonstration_id = NEW.demonstration_id AND d.second_of IS NULL
    ON CONFLICT DO NOTHING;
    RETURN NEW;
END $$;
CREATE TRIGGER result_keeps_marks AFTER INSERT OR UPDATE OF body, stands ON results.result FOR EACH ROW EXECUTE FUNCTION results.keep_marks();
UPDATE results.result SET stands = stands;
CREATE INDEX demonstration_of_trainee ON grading.demonstration (trainee_id);
