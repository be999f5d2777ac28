-- Who may move the dog on, and over how much of life a pass must be spread.
alter table track add column moves_on text not null default 'TRAINER' check (moves_on in ('TRAINER', 'OWNER'));
alter table step add column spread jsonb;

-- Carried out without the trainer, where the owner may move on.
alter table decision drop constraint decision_state_check,
                     add constraint decision_state_check check (state in ('OPEN', 'ACCEPTED', 'OVERRULED', 'APPLIED', 'REPLACED', 'UNDONE'));
