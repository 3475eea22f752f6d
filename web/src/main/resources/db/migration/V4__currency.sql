-- What prices are counted in, as its three letters; nothing until somebody chooses.
alter table workroom add column currency text check (currency ~ '^[A-Z]{3}$');
