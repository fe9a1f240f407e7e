create table people (
  id text primary key,
  name text not null,
  role text not null check (role in ('lead', 'mechanic', 'front desk', 'viewer')),
  qualified boolean not null default false,
  passphrase_hash text not null,
  demo boolean not null default false,
  failures integer not null default 0,
  locked_until timestamptz,
  created_at timestamptz not null default now()
);
create unique index people_name on people (lower(name));

create table devices (
  id uuid primary key,
  first_seen timestamptz not null default now()
);

-- Who has ever signed in on a device: the authors whose entries it may send.
create table device_people (
  device_id uuid not null references devices,
  person_id text not null references people,
  first_at timestamptz not null default now(),
  primary key (device_id, person_id)
);

create table sessions (
  token_hash bytea primary key,
  person_id text not null references people,
  device_id uuid not null references devices,
  created_at timestamptz not null default now(),
  expires_at timestamptz not null
);
create index sessions_person on sessions (person_id);

-- One-time link that makes the first lead of an empty shop.
create table first_lead (
  token_hash bytea primary key,
  made_at timestamptz not null default now(),
  used_at timestamptz
);

create table settings (
  only_row boolean primary key default true check (only_row),
  body json not null
);
