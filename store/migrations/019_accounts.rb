# frozen_string_literal: true

# The firm, who of it may come in, and what was done about that. Tables that begin with
# account_ are rodauth's, one row an account but for sessions and recovery codes.
Sequel.migration do
  up do
    create_table(:firm, strict: true) do
      column :id, :integer, primary_key: true
      column :name, :text, null: false
      check(id: 1)
    end

    create_table(:accounts, strict: true) do
      primary_key :id
      column :login, :text, null: false, unique: true # the name as it is looked for
      column :name, :text, null: false # as the log shows it
      column :role, :text, null: false
      column :status_id, :integer, null: false, default: 2 # 2 open, 3 closed
      column :made_at, :text, null: false
      column :failures, :integer, null: false, default: 0 # wrong passwords in a row
      column :wait_until, :text # none is looked at before
      check(role: %w[fitter office learner])
    end

    create_table(:account_password_hashes, strict: true) do
      foreign_key :id, :accounts, type: :integer, primary_key: true, on_delete: :cascade
      column :password_hash, :text, null: false
    end

    create_table(:account_password_reset_keys, strict: true) do
      foreign_key :id, :accounts, type: :integer, primary_key: true, on_delete: :cascade
      column :key, :text, null: false
      column :deadline, :text, null: false
    end

    create_table(:account_active_session_keys, strict: true) do
      foreign_key :account_id, :accounts, type: :integer, on_delete: :cascade
      column :session_id, :text
      column :created_at, :text, null: false
      column :last_use, :text, null: false
      column :device, :text, null: false, default: ""
      primary_key [:account_id, :session_id]
    end

    create_table(:account_otp_keys, strict: true) do
      foreign_key :id, :accounts, type: :integer, primary_key: true, on_delete: :cascade
      column :key, :text, null: false
      column :num_failures, :integer, null: false, default: 0
      column :last_use, :text, null: false, default: Sequel::CURRENT_TIMESTAMP
    end

    create_table(:account_recovery_codes, strict: true) do
      foreign_key :id, :accounts, type: :integer, on_delete: :cascade
      column :code, :text
      primary_key [:id, :code]
    end

    create_table(:invitations, strict: true) do
      primary_key :id
      column :digest, :text, null: false, unique: true # of the link's key, which stands nowhere
      column :role, :text, null: false
      column :who, :text, null: false # it was made for, as the inviter calls him
      column :by, :text, null: false
      column :at, :text, null: false
      column :until, :text, null: false
      column :used_by, :text
      column :withdrawn_at, :text
      check(role: %w[fitter office learner])
    end

    create_table(:crew_log, strict: true) do
      primary_key :id
      column :at, :text, null: false
      column :who, :text, null: false
      column :says, :text, null: false
    end
    %w[UPDATE DELETE].each do |act|
      run "CREATE TRIGGER crew_log_#{act.downcase} BEFORE #{act} ON crew_log
        BEGIN SELECT RAISE(ABORT, 'the crew log is only added to'); END"
    end
  end

  down do
    drop_table(:crew_log, :invitations, :account_recovery_codes, :account_otp_keys, :account_active_session_keys,
      :account_password_reset_keys, :account_password_hashes, :accounts, :firm)
  end
end
