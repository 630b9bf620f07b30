#pragma once

#include <cstddef>
#include <span>
#include <utility>
#include <vector>

namespace dimglow::reasoning {

/// Natural logs of the likelihood of every entry of a trail under every explanation.
///
/// Most explanations say of most entries what a healthy backlight says, so a row holds only what differs; readings of
/// the board are held once for all explanations with the same forecast. A job of thousands of entries and explanations
/// stays small. Rows are added, never changed.
class Likelihoods {
public:
    using Entry = std::size_t;

    Likelihoods() = default;
    /// \p healthy has the log of each entry under no fault; entries in \p board are told by a forecast.
    Likelihoods(std::vector<double> healthy, const std::vector<Entry>& board);

    std::size_t entryCount() const { return healthy_.size(); }
    std::size_t rowCount() const { return rows_.size(); }
    bool isOfTheBoard(Entry entry) const { return boardColumn_[entry] >= 0; }
    double healthy(Entry entry) const { return healthy_[entry]; }

    /// What \p forecast says of a board entry, given those before it; not a number until it is set.
    double board(int forecast, Entry entry) const;
    void setBoard(int forecast, Entry entry, double log);

    /// Adds an explanation with the entries of which it says something else than a healthy backlight. \returns its row
    int add(int forecast, std::span<const std::pair<Entry, double>> differing);

    double at(int row, Entry entry) const;
    /// What differs in a row, board entries left out.
    std::span<const std::pair<Entry, double>> differing(int row) const;
    int forecastOf(int row) const { return rows_[std::size_t(row)].forecast; }
    const std::vector<Entry>& boardEntries() const { return board_; }

private:
    struct Row {
        std::size_t chunk = 0;
        std::size_t first = 0;
        std::size_t count = 0;
        int forecast = -1;
    };
    std::vector<double> healthy_;
    std::vector<Entry> board_;
    std::vector<int> boardColumn_;                               ///< by entry; -1 for others
    std::vector<double> boardLogs_;                              ///< by forecast, then column
    std::vector<std::vector<std::pair<Entry, double>>> chunks_;  ///< what differs; a row lies in one of them
    std::vector<Row> rows_;
};

}  // namespace dimglow::reasoning
