# frozen_string_literal: true

# What a piece was cut from; nil for those that were cut before it was kept.
Sequel.migration do
  up do
    alter_table(:cuts) do
      add_column :material, :text
      add_index :material
    end
  end

  down do
    alter_table(:cuts) do
      drop_index :material
      drop_column :material
    end
  end
end
