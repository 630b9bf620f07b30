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
    constexpr std::size_t ofChunk = 8192;
    if (chunks_.empty() || chunks_.back().capacity() - chunks_.back().size() < differing.size()) {
        chunks_.emplace_back().reserve(std::max(ofChunk, differing.size()));
    }
    auto& chunk = chunks_.back();
    rows_.push_back({chunks_.size() - 1, chunk.size(), differing.size(), forecast});
    chunk.insert(chunk.end(), differing.begin(), differing.end());
    return int(rows_.size()) - 1;
}

std::span<const std::pair<Likelihoods::Entry, double>> Likelihoods::differing(int row) const {
    const Row& r = rows_[std::size_t(row)];
    return {chunks_[r.chunk].data() + r.first, r.count};
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
