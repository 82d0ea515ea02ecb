# frozen_string_literal: true

# What is binned is kept, and can be brought back.
Sequel.migration do
  change do
    alter_table(:openings) { add_column :binned_at, :text }
  end
end
