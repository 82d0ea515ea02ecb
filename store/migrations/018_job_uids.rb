# frozen_string_literal: true

# What a job is known by on every machine that it is read in on.
Sequel.migration do
  up do
    add_column :jobs, :uid, :text
    run "UPDATE jobs SET uid = lower(hex(randomblob(16)))"
    add_index :jobs, :uid, unique: true, name: :jobs_by_uid
  end

  down do
    drop_index :jobs, nil, name: :jobs_by_uid
    drop_column :jobs, :uid
  end
end
