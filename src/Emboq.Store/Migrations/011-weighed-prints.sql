-- What the model said a print weighs, beside what the scale said: how much a printer lays down is learned from both. Older runs do not have it.
alter table run add column modelled_grams double precision check (modelled_grams > 0);
