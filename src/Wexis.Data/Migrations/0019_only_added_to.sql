-- 0019_only_added_to.sql
-- Why:  what is only ever added to says so itself: steps over an edition, settings, checks of the atlas, the note that a screening was erased.
--       A step goes only with its technique, when that is removed for good.
-- Lock: a moment on each table; no row is rewritten.   Undo: drop the triggers and the function.
CREATE FUNCTION house.refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
    RAISE EXCEPTION '%.% is only ever added to', TG_TABLE_SCHEMA, TG_TABLE_NAME
        USING ERRCODE = 'integrity_constraint_violation', CONSTRAINT = TG_NAME, HINT = 'Add another row.';
END $$;

CREATE TRIGGER edition_step_append_only BEFORE UPDATE OR TRUNCATE ON techniques.edition_step
    FOR EACH STATEMENT EXECUTE FUNCTION house.refuse_change();
CREATE TRIGGER setting_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON house.setting
    FOR EACH STATEMENT EXECUTE FUNCTION house.refuse_change();
CREATE TRIGGER structure_check_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON anatomy.structure_check
    FOR EACH STATEMENT EXECUTE FUNCTION house.refuse_change();
CREATE TRIGGER screening_erased_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON people.screening_erased
    FOR EACH STATEMENT EXECUTE FUNCTION house.refuse_change();
