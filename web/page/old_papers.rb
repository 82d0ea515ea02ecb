# frozen_string_literal: true

module YellowTrack
  module Web
    # Papers that were made before something on them was changed, in words.
    module OldPapers
      FEW = 2 # changes that are told

      module_function

      # @param changed [Hash{String => Array}] by key: what stood on the papers, and what stands now
      # @return [String] "width, head 1808 to 1806; and 2 more"
      def says(changed)
        told = changed.first(FEW).map do |key, (before, after)|
          field = Desk::Fields.told(key)
          "#{field&.label || key} #{Saying.value(field, before)} to #{Saying.value(field, after)}"
        end
        told << "and #{changed.length - FEW} more" if changed.length > FEW
        told.join("; ")
      end
    end
  end
end
