insert into incident (id, practice_id, household_id, kind, went, distance_m, place_id, happened_at, received_at) values
    ('00000000-0000-4000-8000-000000000006', 9, 9, 'DOG', 'SETTLED', 12, 9, '2025-03-04 08:00Z', '2025-03-04 08:00Z');
