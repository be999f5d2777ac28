insert into edit (practice_id, household_id, at, who, what, about) values (9, 9, '2025-03-02 09:00Z', 'Edda', 'PLACE_CHANGED', 'Gate');
