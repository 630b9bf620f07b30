#pragma once

#include <string>
#include <vector>

#include "core/reasoning/belief.h"

/// \file
/// "What is left": what may be wrong, how likely, and which readings say so.

namespace dimglow::findings {

using knowledge::Knowledge;

/// How much a reading speaks for or against a suspect.
struct Reason {
    int entry = 0;        ///< id of the entry in the trail
    text::Text text;      ///< "LED+ at switch-on peaks at 181.6 V"
    double decibans = 0;  ///< 10·log10 of the likelihood ratio against everything else; positive speaks for it
};

/// A part that a suspect may come down to.
struct PartShare {
    text::Text title;  ///< "Output diode D8"
    double share = 0;
    std::string point;  ///< id of its kind; empty when it cannot be checked by itself
    std::string ref;    ///< empty when it was not written down
};

/// One line of "what is left".
struct SuspectShare {
    std::string suspect;  ///< id of the suspect kind
    text::Text title;
    knowledge::Side side = knowledge::Side::Leds;
    bool placeKnown = true;  ///< false of a line that stands for many places
    double share = 0;
    double previousShare = 0;      ///< before the last entry
    std::vector<Reason> reasons;   ///< strongest first, either way
    int block = -1;                ///< where it sits, into Knowledge::blocks
    std::vector<PartShare> parts;  ///< likeliest first; empty when they are not told apart
};

/// What may be wrong, likeliest first; equal places of one kind of fault are one line until readings tell them apart.
std::vector<SuspectShare> whatIsLeft(const reasoning::Model& model, const reasoning::Belief& belief);

}  // namespace dimglow::findings
