# frozen_string_literal: true

# What every new job and opening starts from.
Sequel.migration do
  up do
    create_table(:house_rules, strict: true) do
      column :key, :text, primary_key: true
      column :value, :text, null: false
    end
  end

  down { drop_table(:house_rules) }
end
