#include "core/text/text.h"

#include <gtest/gtest.h>

#include <map>

namespace dimglow::text {
namespace {

/// A language with a decimal comma and so many sentences.
Language speaking(const std::map<std::string, std::string>& sentences) {
    return {[=](const std::string& english) {
                const auto found = sentences.find(english);
                return found == sentences.end() ? english : found->second;
            },
            ","};
}

TEST(Text, FillsItsPlaceholdersInOrder) {
    EXPECT_EQ(say("{:.1f} V, {} lit", 16.84, 6), "16.8 V, 6 lit");
    EXPECT_EQ(say("it is in {0}{1} … {0}{2}", std::string("B"), 7, 12), "it is in B7 … B12");
    EXPECT_EQ(say("at most {} entries", std::size_t(3000)), "at most 3000 entries");
}

TEST(Text, TranslationMayTurnTheOrderRound) {
    const auto reversed = speaking({{"{} of channel {}", "Kanal {1}: {0}"}, {"LED−", "Minus"}});
    EXPECT_EQ(say("{} of channel {}", say("LED−"), std::string("2")).in(reversed), "Kanal 2: Minus");
}

TEST(Text, NumbersHaveTheReadersDecimalPointAndNamesAreLeftAlone) {
    const auto comma = speaking({});
    EXPECT_EQ(say("{} at {:.2f} V", std::string("Mk. 2.5"), 3.125).in(comma), "Mk. 2.5 at 3,12 V");
    EXPECT_EQ(say("{:.1f} V", 2.5).in({comma.translate, "\u066B"}), "2\u066B5 V") << "a point of several bytes";
    EXPECT_EQ(say("{:.0f} mA", 1234.0).in(comma), "1234 mA") << "no sign for thousands";
    EXPECT_EQ(name("open {} at 1.5").in(comma), "open {} at 1.5") << "a name is no sentence";
}

TEST(Text, SentenceOfAFileMayHoldBraces) {
    EXPECT_EQ(Text("Set the jumper to {1}.", {}), "Set the jumper to {1}.");
}

TEST(Text, JoinsWhatIsThere) {
    EXPECT_EQ(joined({say("none lit"), {}, say("{} dark", 2)}, "; "), "none lit; 2 dark");
    EXPECT_TRUE(joined({{}, {}}).empty());
}

TEST(Text, IsEqualByWhatItSaysNotByItsWords) {
    EXPECT_EQ(say("{} V", 5), say("{} V", 5));
    EXPECT_NE(say("{} V", 5), say("{} V", 6));
    EXPECT_NE(say("{} V", 5), say("5 V")) << "another sentence has another translation";
    EXPECT_NE(Text(), say("5 V"));
}

TEST(Text, ContainsItsPartsHoweverDeep) {
    const auto shorted = say("{} shorted", 1);
    const auto both = joined({say("{} open", 1), shorted});
    EXPECT_TRUE(say("{}, or {}", both, say("healthy")).contains(shorted));
    EXPECT_FALSE(both.contains(say("{} shorted", 2)));
}

}  // namespace
}  // namespace dimglow::text
