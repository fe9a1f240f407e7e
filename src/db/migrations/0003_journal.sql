create sequence job_numbers start 401;

create table jobs (
  id uuid primary key,
  number integer not null unique default nextval('job_numbers'),
  machine_id text references machines,
  revision text,
  last_seq integer not null default 0,
  -- State at snapshot_seq, made by reducer version `reducer`; a shortcut that can always be thrown away.
  snapshot json,
  snapshot_seq integer not null default 0,
  reducer integer not null default 0,
  opened_at timestamptz not null default now()
);

create table entries (
  job_id uuid not null references jobs,
  seq integer not null,
  id uuid not null unique,
  base integer not null,
  at bigint not null,
  received_at bigint not null,
  by_person text not null references people,
  sent_by text not null references people,
  device uuid not null references devices,
  kind text not null,
  v integer not null,
  body json not null,
  -- SHA-256 of what the device wrote, to tell a repeat from a reuse of its id.
  content bytea not null,
  primary key (job_id, seq)
);

create table summaries (
  job_id uuid primary key references jobs,
  open boolean not null,
  sort_at bigint not null,
  body json not null
);
create index summaries_order on summaries ((not open), (-sort_at), job_id);

create function entries_are_final() returns trigger language plpgsql as $$
begin
  raise exception 'a journal entry is never changed or deleted';
end $$;
create trigger entries_are_final before update or delete on entries
  for each row execute function entries_are_final();
