# frozen_string_literal: true

# A piece is cut at a time: what it came from and what stayed, so that it can be taken back; an
# offcut with an end fresh from the saw needs no trim there.
Sequel.migration do
  change do
    alter_table(:cuts) do
      add_column :offcut_id, :integer
      add_column :rest_id, :integer
    end
    alter_table(:rack) { add_column :fresh, :integer, null: false, default: 0 }
  end
end
