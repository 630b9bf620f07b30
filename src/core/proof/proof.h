#pragma once

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/driver/forecast.h"
#include "core/job/job.h"
#include "core/knowledge/knowledge.h"

/// \file
/// After the repair: each reading against what it should be.

namespace dimglow::proof {

/// A reading after the repair against what a mended set shows.
struct ProofLine {
    std::string test;  ///< "ledPlusOn", "ledMinus", "tester", "look"
    backlight::ChannelIndex channel = {};
    text::Text title;
    driver::Band band;                                ///< V; of "look" without meaning
    std::optional<double> volts;                      ///< empty while it is not taken
    bool within = false;                              ///< taken, steady, in the band, everything lit
    text::Text found;                                 ///< the reading in words, empty while it is not taken
    backlight::FeedIndex feed = {};                   ///< of "ledPlusOn"
    std::optional<evidence::Question> question = {};  ///< of what was bad before the repair and is asked for again
};

/// LED+ of each feed, which come first, and the sinks are always asked for; then what was bad before the repair is
/// asked for again: voltages off what a healthy set reads (\p healthy), parts that were judged bad, the light. Tester
/// readings and looks after the repair are judged as they come. LEDs that the repair has bridged are shorts that are
/// meant to be there.
std::vector<ProofLine> proofOf(const job::Job& job, const knowledge::Knowledge& knowledge,
                               const driver::DriverReference& reference,
                               const std::vector<backlight::LedPlace>& failedLeds,
                               const std::map<evidence::Measured::Question, driver::Band>& healthy);

}  // namespace dimglow::proof
