-- Sections of scanned bodies, beside the outline that they cover.
alter table outline add column sections jsonb;
