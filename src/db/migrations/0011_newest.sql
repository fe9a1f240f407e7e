-- When something of an older build last asked from a device: until none has for seven days, entries are written so that it can read them.
alter table devices add column older_at timestamptz;
