-- 0013_kept_work.sql
-- Why:  what is derived from an edition (map, times, exclusions) is kept beside it with the version of the rules that made it, so that
--       programmes, histories and sequences read it and derive nothing. Null for editions of before: made when the house starts.
-- Lock: a moment on techniques.edition; no row is rewritten.   Undo: drop the column.
ALTER TABLE techniques.edition ADD COLUMN work jsonb;
