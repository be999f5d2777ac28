update desk_row set practised_on = '2025-03-01' where practice_id = 9;
