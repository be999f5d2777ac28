-- A step is passed by the rule its trainer chose; run keeps the number for "in a row".
alter table step add column pass text not null default 'RUN' check (pass in ('RUN', 'RATE_80', 'RATE_90', 'BLOCKS', 'CALM', 'ODDS'));
