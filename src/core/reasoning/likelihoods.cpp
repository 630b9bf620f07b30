#include "core/reasoning/likelihoods.h"

#include <algorithm>
#include <cmath>

namespace dimglow::reasoning {

Likelihoods::Likelihoods(std::vector<double> healthy, const std::vector<Entry>& board)
    : healthy_(std::move(healthy)), board_(board), boardColumn_(healthy_.size(), -1) {
    for (std::size_t column = 0; column < board_.size(); ++column) {
        boardColumn_[board_[column]] = int(column);
    }
}

double Likelihoods::board(int forecast, Entry entry) const {
    const std::size_t at = std::size_t(forecast) * board_.size() + std::size_t(boardColumn_[entry]);
    return forecast >= 0 && at < boardLogs_.size() ? boardLogs_[at] : NAN;
}

void Likelihoods::setBoard(int forecast, Entry entry, double log) {
    const std::size_t needed = (std::size_t(forecast) + 1) * board_.size();
    if (boardLogs_.size() < needed) {
        boardLogs_.resize(needed, NAN);
    }
    boardLogs_[std::size_t(forecast) * board_.size() + std::size_t(boardColumn_[entry])] = log;
}

int Likelihoods::add(int forecast, std::span<const std::pair<Entry, double>> differing) {
    rows_.push_back({differing_.size(), differing.size(), forecast});
    differing_.insert(differing_.end(), differing.begin(), differing.end());
    return int(rows_.size()) - 1;
}

std::span<const std::pair<Likelihoods::Entry, double>> Likelihoods::differing(int row) const {
    const Row& r = rows_[std::size_t(row)];
    return {differing_.data() + r.first, r.count};
}

double Likelihoods::at(int row, Entry entry) const {
    if (isOfTheBoard(entry)) {
        return board(forecastOf(row), entry);
    }
    const auto own = differing(row);
    const auto found = std::find_if(own.begin(), own.end(), [&](const auto& d) { return d.first == entry; });
    return found == own.end() ? healthy_[entry] : found->second;
}

}  // namespace dimglow::reasoning
