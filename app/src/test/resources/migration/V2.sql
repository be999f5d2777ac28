insert into household (id, practice_id, name, home, zone, cautions) overriding system value values (9, 9, 'Tamm-Oduya', '4 Orchard Row', 'Europe/London', 'Ring first');
insert into person (id, practice_id, household_id, name, age) overriding system value values (9, 9, 9, 'Sanna', 41);
insert into dog (id, practice_id, household_id, name, born, weight_g) overriding system value values (9, 9, 9, 'Bracken', '2021-05-01', 21500);
insert into place (id, practice_id, household_id, name, difficulty) overriding system value values (8, 9, 9, 'Kitchen', 0), (9, 9, 9, 'Garden', 2);
insert into word (practice_id, household_id, word, meaning) values (9, 9, 'Tapis', 'Lie on the mat');
insert into lesson (id, practice_id, household_id, starts_at, plan) overriding system value values
    (8, 9, 9, '2025-03-01 09:00Z', 'given long ago'), (9, 9, 9, now() + interval '9 days', 'still to come');
