insert into exposure (id, practice_id, household_id, dog_id, kind, metres, given, response, place_id, happened_at, received_at) values
    ('00000000-0000-4000-8000-000000000007', 9, 9, 9, 'DOG', 18, '18', 'UNPROMPTED', 9, '2025-03-06 08:00Z', '2025-03-06 08:00Z');
insert into working_distance (practice_id, household_id, dog_id, kind, metres, set_at, set_by) values (9, 9, 9, 'DOG', 20, '2025-03-06 08:00Z', 'Edda Brandt');
