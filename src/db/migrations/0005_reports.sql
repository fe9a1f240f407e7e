-- The page that went home with a machine, as it was printed: written with `handed-back`, and never again.
create table reports (
  job_id uuid not null references jobs,
  seq integer not null,
  reducer integer not null,
  body json not null,
  written_at timestamptz not null default now(),
  primary key (job_id, seq)
);
create function reports_are_final() returns trigger language plpgsql as $$
begin
  raise exception 'a page that went home is never changed or deleted';
end $$;
create trigger reports_are_final before update or delete on reports
  for each row execute function reports_are_final();

-- What a database has been through once and for all.
create table marks (
  name text primary key,
  build integer not null,
  at timestamptz not null default now()
);
