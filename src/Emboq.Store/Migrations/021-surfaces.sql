-- The surface of a scanned body, thinned: its corners and triangles in few bytes, and how far the scan lies beside it. Scans taken before have none.
alter table outline add column surface jsonb;
