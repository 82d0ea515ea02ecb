# frozen_string_literal: true

# Jobs and their openings; the log of every change; what was typed and could
# not be read.
Sequel.migration do
  up do
    create_table(:jobs, strict: true) do
      primary_key :id
      column :name, :text, null: false
      column :place, :text, null: false, default: ""
      column :units, :text, null: false, default: "mm"
      column :position, :integer, null: false, default: 0
      column :created_at, :text, null: false
      check { {units: %w[mm in]} }
    end

    # document: the opening file. The columns beside it are what lists need.
    create_table(:openings, strict: true) do
      primary_key :id
      foreign_key :job_id, :jobs, type: :integer, null: false, on_delete: :restrict
      column :letter, :text, null: false
      column :name, :text, null: false
      column :document, :text, null: false
      column :family, :text, null: false
      column :stage, :text, null: false, default: "measure"
      column :worst, :text
      column :version, :integer, null: false, default: 1
      column :created_at, :text, null: false
      column :changed_at, :text, null: false
      index [:job_id, :letter], unique: true
      check Sequel.lit("json_valid(document)")
      check(stage: %w[measure choose size prepare cut hang adjust hand-over])
    end

    create_table(:log_entries, strict: true) do
      primary_key :id
      foreign_key :opening_id, :openings, type: :integer, null: false, on_delete: :restrict
      column :version, :integer, null: false # of the opening, after the change
      column :at, :text, null: false
      column :who, :text, null: false
      column :kind, :text, null: false # reading, choice, made
      column :key, :text, null: false
      column :before, :text # JSON, as it was typed
      column :after, :text
      index [:opening_id, :version]
    end

    %w[update delete].each do |act|
      run <<~SQL
        CREATE TRIGGER log_entries_no_#{act} BEFORE #{act.upcase} ON log_entries
        BEGIN SELECT RAISE(ABORT, 'the log is never rewritten'); END
      SQL
    end

    create_table(:drafts, strict: true) do
      foreign_key :opening_id, :openings, type: :integer, null: false, on_delete: :cascade
      column :key, :text, null: false
      column :typed, :text, null: false # JSON
      column :says, :text, null: false
      column :clash, :integer, null: false # 1: readable, but changed meanwhile
      primary_key [:opening_id, :key]
    end
  end

  down do
    drop_table(:drafts, :log_entries, :openings, :jobs)
  end
end
