insert into update_note (practice_id, household_id, words) values (9, 9, 'Look at this');
