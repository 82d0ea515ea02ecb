# frozen_string_literal: true

# Plans of visits as they were kept, and those they took the place of; days that the
# crew does not work; what is due, for the first page; addresses that calendars read.
Sequel.migration do
  up do
    %i[plans plans_before].each do |table|
      create_table(table, strict: true) do
        primary_key :id
        foreign_key :job_id, :jobs, type: :integer, null: false, on_delete: :cascade
        column :version, :integer, null: false
        column :asked, :text, null: false # JSON: what was put where
        column :plan, :text, null: false # JSON: the visits file
        column :gone, :text, null: false, default: "[]" # JSON: visits that no other continues
        column :who, :text, null: false
        column :at, :text, null: false
        index [:job_id, :version], unique: true
      end
    end

    create_table(:crew_days, strict: true) do
      column :day, :text, primary_key: true
      column :how, :text, null: false
      column :why, :text, null: false, default: ""
      check(how: %w[off away])
    end

    create_table(:dues, strict: true) do
      primary_key :id
      foreign_key :job_id, :jobs, type: :integer, null: false, on_delete: :cascade
      foreign_key :opening_id, :openings, type: :integer, on_delete: :cascade
      column :kind, :text, null: false
      column :day, :text, null: false # by which it is due
      column :says, :text, null: false # JSON
      index [:kind, :day]
      index [:job_id, :kind]
      check(kind: %w[visit wait look-back])
    end

    create_table(:feeds, strict: true) do
      column :token, :text, primary_key: true
      column :at, :text, null: false
    end
  end

  down { drop_table(:feeds, :dues, :crew_days, :plans_before, :plans) }
end
