insert into rep_detail values ('00000000-0000-4000-8000-000000000002', 9, 'JUMPED_ON', 'at the door', null);
insert into alarm (id, practice_id, household_id, dog_id, kind, what, happened_at, received_at, answered_at, answered_by, answer) values
    ('00000000-0000-4000-8000-000000000004', 9, 9, 9, 'GROWLED', 'At the bowl', '2025-03-04 08:00Z', '2025-03-04 08:01Z', '2025-03-04 09:00Z', 'Edda Brandt', 'Bowl alone');
