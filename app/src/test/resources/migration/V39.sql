insert into steepness (practice_id, median, sd, dogs, learnt_at) values (9, 4.2, 0.6, 7, '2025-03-06 08:00Z');
