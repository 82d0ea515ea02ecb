# frozen_string_literal: true

# The firm's board: crews, who is in them and when they are away; what a job is bound to; roads between jobs;
# visits that were told; boards as they were kept. Customers, and what became of offers.
Sequel.migration do
  up do
    create_table(:crews, strict: true) do
      primary_key :id
      column :key, :text, null: false, unique: true
      column :name, :text, null: false
      column :from, :integer # minutes of a day; null: the firm's
      column :to, :integer
      column :ended_at, :text
    end

    create_table(:crew_people, strict: true) do
      primary_key :id
      foreign_key :crew_id, :crews, type: :integer # null: in none from then on
      column :name, :text, null: false
      column :since, :text, null: false
      index [:name, :since], unique: true
    end

    create_table(:crew_away, strict: true) do
      primary_key :id
      foreign_key :crew_id, :crews, type: :integer, null: false, on_delete: :cascade
      column :day, :text, null: false
      column :from, :integer # minutes of the day; null: all of it
      column :to, :integer
      column :why, :text, null: false, default: ""
      index [:crew_id, :day]
    end

    create_table(:job_terms, strict: true) do
      foreign_key :job_id, :jobs, type: :integer, primary_key: true, on_delete: :cascade
      column :by, :text # the day by which it is promised
      column :travel, :integer # minutes from the yard; null: the firm's
      foreign_key :crew_id, :crews, type: :integer # whose it is alone; null: anybody's
    end

    create_table(:job_shut, strict: true) do
      foreign_key :job_id, :jobs, type: :integer, null: false, on_delete: :cascade
      column :day, :text, null: false
      primary_key [:job_id, :day]
    end

    create_table(:roads, strict: true) do
      foreign_key :job_id, :jobs, type: :integer, null: false, on_delete: :cascade
      foreign_key :other_id, :jobs, type: :integer, null: false, on_delete: :cascade
      column :minutes, :integer, null: false
      primary_key [:job_id, :other_id]
    end

    create_table(:told_visits, strict: true) do
      primary_key :id
      foreign_key :job_id, :jobs, type: :integer, null: false, on_delete: :cascade
      column :day, :text, null: false
      column :said, :text, null: false # JSON: from when to when, who comes
      column :who, :text, null: false
      column :at, :text, null: false
      index [:job_id, :day], unique: true
    end

    create_table(:boards, strict: true) do
      primary_key :id
      column :version, :integer, null: false, unique: true
      column :asked, :text, null: false # JSON: what was put where
      column :plan, :text, null: false # JSON: the board's plan
      column :who, :text, null: false
      column :at, :text, null: false
    end

    create_table(:customers, strict: true) do
      foreign_key :job_id, :jobs, type: :integer, primary_key: true, on_delete: :cascade
      %i[name address telephone mail remark].each { |name| column name, :text, null: false, default: "" }
    end

    create_table(:offer_customers, strict: true) do
      foreign_key :offer_id, :offers, type: :integer, primary_key: true, on_delete: :cascade
      column :told, :text, null: false # JSON: name and address, as they were then
    end

    create_table(:offer_answers, strict: true) do
      primary_key :id
      foreign_key :offer_id, :offers, type: :integer, null: false, on_delete: :cascade
      column :answer, :text, null: false
      column :day, :text, null: false
      column :who, :text, null: false
      column :at, :text, null: false
      check(answer: %w[taken declined open])
    end
  end

  down do
    drop_table(:offer_answers, :offer_customers, :customers, :boards, :told_visits, :roads, :job_shut, :job_terms,
      :crew_away, :crew_people, :crews)
  end
end
