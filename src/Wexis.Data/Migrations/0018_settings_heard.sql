-- 0018_settings_heard.sql
-- Why:  every server of a house hears when a setting is told through another, and reads it anew.
-- Lock: a moment on house.setting.   Undo: drop the trigger and the function; other servers read settings when they start.

CREATE FUNCTION house.tell_setting() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
    PERFORM pg_notify('house_setting', NEW.name);
    RETURN NULL;
END $$;

CREATE TRIGGER setting_heard AFTER INSERT ON house.setting FOR EACH ROW EXECUTE FUNCTION house.tell_setting();
