# frozen_string_literal: true

# A job that is over leaves the first page, and stays as it is.
Sequel.migration do
  change do
    alter_table(:jobs) { add_column :over_at, :text }
  end
end
