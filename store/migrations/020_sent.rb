# frozen_string_literal: true

# What was written away from the server and sent on, by the name that the device gave it:
# each is taken in once. When a draft was typed.
Sequel.migration do
  up do
    create_table(:sent, strict: true) do
      column :uid, :text, primary_key: true
      foreign_key :account_id, :accounts, type: :integer, null: false, on_delete: :cascade
      column :at, :text, null: false
      column :outcome, :text, null: false # JSON
    end
    add_column :drafts, :at, :text
  end

  down do
    drop_column :drafts, :at
    drop_table :sent
  end
end
