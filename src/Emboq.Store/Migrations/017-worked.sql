-- What was sanded, reamed or taped before it was tried: its size tells of the hand that worked it, not of the print.
alter table try add column worked boolean not null default false check (not worked or (printed is not null and instrument_id is not null));
