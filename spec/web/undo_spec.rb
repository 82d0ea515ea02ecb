# frozen_string_literal: true

RSpec.describe "The last change" do
  include Site

  let(:row) { hang }

  def press_undo
    form = page.at_css(".undo")
    values = form.css("input[name], button[name]").to_h { |one| [one["name"], one["value"]] }
    send_form(form["action"], values.except("authenticity_token"))
    follow_redirect!
  end

  def stands(key) = book.openings.find(row.id).document[key]

  it "of a reading or a choice is undone by a press on any page of its opening, and that again" do
    type(row, "survey.widths.top", "1790")
    look("/openings/#{row.id}/cut")
    expect(page.at_css(".undo").text.gsub(/\s+/, " ")).to include("undo width, head: back to 1808")
    press_undo
    expect(last_request.path).to eq "/openings/#{row.id}/measure"
    expect(stands("survey.widths.top").to_s).to eq "1808"
    press_undo
    expect(stands("survey.widths.top").to_s).to eq "1790"
    type(book.openings.find(row.id), "set.gap", "8", stage: "size")
    look("/openings/#{row.id}/size")
    press_undo
    expect([last_request.path, stands("set.gap")]).to eq ["/openings/#{row.id}/size", nil]
  end

  it "is none where nothing was typed yet, or something else came after" do
    look("/openings/#{row.id}/measure")
    expect(page.at_css(".undo")).to be_nil
    type(row, "survey.widths.top", "1790")
    send_form("/openings/#{row.id}/steps", {"step" => "check"})
    look("/openings/#{row.id}/hang")
    expect(page.at_css(".undo")).to be_nil
  end

  it "is not undone over what another changed meanwhile" do
    type(row, "survey.widths.top", "1790")
    look("/openings/#{row.id}/measure")
    form = page.at_css(".undo")
    values = form.css("input[name], button[name]").to_h { |one| [one["name"], one["value"]] }
    type(book.openings.find(row.id), "survey.widths.top", "1795")
    send_form(form["action"], values.except("authenticity_token"))
    expect(stands("survey.widths.top").to_s).to eq "1795"
  end
end
