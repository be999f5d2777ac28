-- A rep that was taken out, put right or came late: the session closes since the trainer's last answer are judged anew.
-- How often the gap of one person was found in a row is read from the reps themselves.
alter table judgement_due add column anew boolean not null default false;
alter table judgement_due drop column gap_person, drop column gap_times, drop column gap_counted;
