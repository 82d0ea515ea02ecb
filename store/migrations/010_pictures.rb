# frozen_string_literal: true

# Pictures of the log, as they are shown.
Sequel.migration do
  change do
    create_table(:pictures, strict: true) do
      primary_key :id
      foreign_key :opening_id, :openings, type: :integer, null: false, on_delete: :restrict
      column :type, :text, null: false
      column :width, :integer, null: false
      column :height, :integer, null: false
      column :data, :blob, null: false
      column :thumb, :blob, null: false
      index :opening_id
    end
  end
end
