# frozen_string_literal: true

RSpec.describe YellowTrack::Web::OneConnection do
  include Site

  # A request that asks the book twice, through what it is let on by.
  def asked
    told = []
    app = ->(_env) { 2.times { book.db.synchronize { |connection| told << connection.object_id } } && [200, {}, told] }
    described_class.new(app, book).call({}).last
  end

  it "has a request ask through one connection, though another takes one meanwhile" do
    Thread.new { book.db.synchronize { 1 } }.join
    expect(asked.uniq.length).to eq 1
  end

  it "lets a request on that gets none, once" do
    allow(book).to receive(:by_one_connection).and_raise(Sequel::PoolTimeout)
    expect(asked.length).to eq 2
  end

  it "does nothing twice: what goes wrong within goes on" do
    tries = 0
    broken = described_class.new(->(_env) { (tries += 1) && raise(Sequel::DatabaseError) }, book)
    expect { broken.call({}) }.to raise_error(Sequel::DatabaseError)
    expect(tries).to eq 1
  end
end
