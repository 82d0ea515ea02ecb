# frozen_string_literal: true

# Jobs are binned whole, and brought back.
Sequel.migration do
  change do
    alter_table(:jobs) { add_column :binned_at, :text }
  end
end
