-- Struck off: signs in no more, and stays the author of what they wrote.
alter table people add column struck_at timestamptz;

-- A device proves itself by a secret that no journal shows. One from before may send without for thirty days.
alter table devices
  add column secret_hash bytea,
  add column keyless_until timestamptz not null default now() + interval '30 days',
  add column agent text not null default '';

alter table sessions add column id uuid not null default gen_random_uuid() unique, add column seen_at timestamptz not null default now();

-- Who was signed in on a device, from when to when: whose entries another may send from it.
create table sign_ins (
  device_id uuid not null references devices,
  person_id text not null references people,
  from_at timestamptz not null default now(),
  until_at timestamptz,
  primary key (device_id, person_id, from_at)
);
insert into sign_ins (device_id, person_id, from_at, until_at)
  select d.device_id, d.person_id, d.first_at,
    case when exists (select 1 from sessions s where s.device_id = d.device_id and s.person_id = d.person_id and s.expires_at > now()) then null else now() end
  from device_people d;

-- Tries to sign in, counted by name and source, by source, and by device: rows are hashes, and go after a day.
create table sign_in_tries (
  bucket bytea primary key,
  tries integer not null,
  until timestamptz,
  touched timestamptz not null default now()
);
