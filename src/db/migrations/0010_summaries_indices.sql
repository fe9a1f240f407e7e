-- outside a transaction
create index concurrently if not exists summaries_words on summaries using gin (words);
create index concurrently if not exists summaries_version on summaries (version);
create index concurrently if not exists summaries_open on summaries (at_door, loose_fixings, loose_parts) where open;
create index concurrently if not exists summaries_stage on summaries (stage, (not open), (-sort_at), job_id);
