-- A lesson that runs: since when, which block of its agenda is at hand, and what the trainer noted.
alter table lesson add column began_at      timestamptz,
                   add column at_block      int not null default 0 check (at_block between 0 and 60),
                   add column notes         text not null default '' check (length(notes) <= 8000);
