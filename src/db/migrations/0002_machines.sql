create table machines (
  id text primary key,
  name text not null,
  class text not null
);

-- json, not jsonb: a file comes out with its members in the order it came in.
create table machine_revisions (
  machine_id text not null references machines,
  revision text not null,
  file json not null,
  added_at timestamptz not null default now(),
  primary key (machine_id, revision)
);
