# frozen_string_literal: true

# What was written away from the server under a time that cannot be: it waits, as it was sent,
# until whoever wrote it says when it was.
Sequel.migration do
  up do
    create_table(:asked_times, strict: true) do
      primary_key :id
      foreign_key :account_id, :accounts, type: :integer, null: false, on_delete: :cascade
      column :path, :text, null: false
      column :form, :text, null: false # as it was sent
      column :picture, :blob
      column :told_at, :text, null: false # by the device
      column :came_at, :text, null: false # by the server
    end
  end

  down { drop_table :asked_times }
end
