insert into kept_forecast (practice_id, household_id, track_id, said_on, early, late) values (9, 9, 8, '2025-03-08', '2025-04-01', '2025-05-01');
