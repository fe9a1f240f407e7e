-- Which past of the shop this database holds: renewed by every restore, so that tablets which were ahead notice.
create table history (
  only_row boolean primary key default true check (only_row),
  id uuid not null default gen_random_uuid(),
  since timestamptz not null default now()
);
insert into history default values;

-- What the server puts on an entry's envelope: the shop's limits and the file's full charge; and, for one given back from another past,
-- how far that past agrees with this one.
alter table entries add column stamp json, add column agrees integer;

-- Running SHA-256 over the content of a job's entries up to chain_seq; good where that is last_seq, since a build from before it writes
-- entries and not the hash.
alter table jobs add column chain bytea, add column chain_seq integer not null default 0;

-- States on the way, so that a crossing-out folds on from the nearest one before its target.
create table snapshots (
  job_id uuid not null references jobs,
  seq integer not null,
  reducer integer not null,
  state json not null,
  primary key (job_id, seq)
);

-- Every version of the shop's limits that an entry can name, for ever.
create table settings_versions (
  version integer generated always as identity primary key,
  limits json not null,
  at timestamptz not null default now()
);
