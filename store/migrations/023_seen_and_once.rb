# frozen_string_literal: true

# Wrong passwords by who tries them on which device; forms that were sent, each once; what house
# rules, kits, prices and names of jobs were before.
Sequel.migration do
  up do
    create_table(:tries, strict: true) do
      column :key, :text, primary_key: true # a digest: of a device and the name it tried, or of a name alone
      column :failures, :integer, null: false # in a row
      column :wait_until, :text # none is looked at before
      column :at, :text, null: false
    end
    create_table(:wrong_sign_ins, strict: true) do
      primary_key :id
      column :at, :text, null: false
      column :name, :text # whose account; null where the name was nobody's
      column :device, :text, null: false
    end
    alter_table(:accounts) do
      drop_column :failures
      drop_column :wait_until
    end

    create_table(:once, strict: true) do
      column :uid, :text, primary_key: true # that the form was printed with
      column :account_id, :integer, null: false
      column :at, :text, null: false, index: true
      column :went, :text # to where it went on; null while it is under way
    end

    create_table(:replaced, strict: true) do
      primary_key :id
      column :kind, :text, null: false # "rule", "kit", "price", "job"
      column :key, :text, null: false
      column :before, :text, null: false # JSON
      column :who, :text, null: false # put another in its place
      column :at, :text, null: false
      index [:kind, :key, :id]
    end
    add_column :own_kits, :who, :text, null: false, default: ""
  end

  down do
    drop_column :own_kits, :who
    drop_table(:replaced, :once, :wrong_sign_ins, :tries)
    alter_table(:accounts) do
      add_column :failures, :integer, null: false, default: 0
      add_column :wait_until, :text
    end
  end
end
