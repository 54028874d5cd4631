-- 0022_decisions.sql
-- Why:  a demonstration may show too little to be decided, or have to be looked at again; slips that are mended, what could not be seen,
--       a side declared tighter, a wrong side and an interruption are marks of their own. Old results read as before.
-- Lock: results.result and grading.mark_event while two checks are exchanged.   Undo: put the checks of 0005 and 0006 back.
ALTER TABLE results.result DROP CONSTRAINT result_is_decided;
ALTER TABLE results.result ADD CONSTRAINT result_is_decided CHECK (decision IN ('pass', 'fail', 'not-enough-shown', 'look-again'));
ALTER TABLE grading.mark_event DROP CONSTRAINT mark_event_kind_is_known;
ALTER TABLE grading.mark_event ADD CONSTRAINT mark_event_kind_is_known CHECK (kind IN
    ('start', 'rep', 'press', 'release', 'fault', 'mark', 'critical', 'undo', 'stop', 'unseen', 'slip', 'mended', 'tighter', 'wrong-side', 'interrupted'));
