insert into pack (practice_id, household_id, lessons, bought_on) values (9, 9, 5, '2025-03-01');
