#pragma once

#include <nlohmann/json.hpp>
#include <optional>
#include <string>
#include <vector>

#include "core/sheet/assessment.h"

namespace dimglow::cli {

/// The options of a job with what they cost and risk, what turns the advice, and what is to be bought.
nlohmann::json plan(const sheet::Assessment& assessment);

/// A current and the resistors that make it, and what is wanted instead.
struct SenseOptions {
    double milliamps = 0;
    std::string resistors;
    std::optional<double> wantedMilliamps;
    std::string series = "E24";
    int parts = 3;
};
/// \throws std::invalid_argument for what is no chain of resistors, or neither senses nor sets a current
nlohmann::json sense(const SenseOptions& options);

/// A new part against the old one, and what it must stand.
struct MatchOptions {
    std::string part;   ///< a kind of part: "diode"
    std::string offer;  ///< as printed: "200V 3A"
    std::string old;
    std::optional<double> stressVolts;
    std::optional<double> stressAmps;
};
/// \throws std::invalid_argument for what is no part, or cannot be read
nlohmann::json match(const MatchOptions& options);

/// Where the universal strips of a job are cut and lie. \throws std::invalid_argument where nobody has described them
nlohmann::json strips(const job::Job& job);

/// A calculation of the bench from "name=value"; without a name all of them and what they ask for.
/// \throws std::invalid_argument for what is no sum, no number of it, or cannot be read
nlohmann::json bench(const std::string& sum, const std::vector<std::string>& given);

}  // namespace dimglow::cli
