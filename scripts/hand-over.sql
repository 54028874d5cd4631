-- Gives a database of Wexis, and all that is in it, to the application's role. The role that made the cluster cannot be
-- emptied by REASSIGN OWNED, so each thing is named.
DO $$
DECLARE thing record;
BEGIN
  FOR thing IN SELECT nspname AS s FROM pg_namespace WHERE nspname !~ '^(pg_|information_schema)' AND nspname <> 'public' LOOP
    EXECUTE format('ALTER SCHEMA %I OWNER TO wexis_app', thing.s);
  END LOOP;
  FOR thing IN SELECT n.nspname AS s, c.relname AS r FROM pg_class c JOIN pg_namespace n ON n.oid = c.relnamespace
                WHERE c.relkind IN ('r', 'v') AND n.nspname !~ '^(pg_|information_schema)' LOOP
    EXECUTE format('ALTER TABLE %I.%I OWNER TO wexis_app', thing.s, thing.r);
  END LOOP;
  FOR thing IN SELECT p.oid::regprocedure AS f FROM pg_proc p JOIN pg_namespace n ON n.oid = p.pronamespace
                WHERE n.nspname !~ '^(pg_|information_schema)' LOOP
    EXECUTE format('ALTER ROUTINE %s OWNER TO wexis_app', thing.f);
  END LOOP;
  EXECUTE format('ALTER DATABASE %I OWNER TO wexis_app', current_database());
END $$;
