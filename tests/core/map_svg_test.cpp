#include "core/backlight/map_svg.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include "core/backlight/plain.h"

namespace dimglow::backlight {
namespace {

using testing::HasSubstr;
using testing::Not;

int timesIn(const std::string& text, const std::string& part) {
    int times = 0;
    for (auto at = text.find(part); at != std::string::npos; at = text.find(part, at + 1)) {
        ++times;
    }
    return times;
}

TEST(MapDrawing, HasEveryLedStripAndStringInItsPlace) {
    PlainDescription plain;
    plain.strips = 3;
    plain.ledsPerStrip = 7;
    plain.stripsPerString = 1;
    plain.widthMm = 700;
    const std::string svg = mapSvg(plainBacklight(plain), "Berth");
    EXPECT_EQ(timesIn(svg, "<circle"), 21);
    EXPECT_EQ(timesIn(svg, "class=\"bar\""), 3);
    EXPECT_EQ(timesIn(svg, "<polyline"), 3);
    EXPECT_THAT(svg, HasSubstr("cx=\"50.00\"")) << "first LED half a pitch of 100 mm from the edge, 1 mm to a unit";
    EXPECT_TRUE(svg.ends_with("</svg>\n"));
}

TEST(MapDrawing, EscapesWhatPeopleType) {
    const std::string svg = mapSvg(plainBacklight({}), "<script>\"&\x01");
    EXPECT_THAT(svg, Not(HasSubstr("<script>")));
    EXPECT_THAT(svg, HasSubstr("&lt;script&gt;&quot;&amp; "));
}

TEST(MapDrawing, TellsMarksByShape) {
    const auto panel = plainBacklight({});
    const auto drawn = [&](MapMark mark) { return mapSvg(panel, "", {{mark}}); };
    const std::string none = drawn({});
    EXPECT_EQ(timesIn(none, "class=\"unknown\""), 48);
    EXPECT_THAT(drawn({MapMark::Look::Open}), HasSubstr("class=\"fault\" stroke-dasharray")) << "a ring with a gap";
    EXPECT_EQ(timesIn(drawn({MapMark::Look::Shorted}), "<path"), 1) << "a bar through the ring";
    EXPECT_EQ(timesIn(drawn({MapMark::Look::Dim}), "class=\"dark\""), 1) << "half a disc in an empty ring";
    EXPECT_EQ(timesIn(drawn({MapMark::Look::Lit}), "class=\"lit\""), 1);
    EXPECT_EQ(timesIn(drawn({MapMark::Look::Unknown, 0.3}), "<path"), 1) << "the share as an arc";
    EXPECT_EQ(timesIn(none, "<path"), 0);
}

}  // namespace
}  // namespace dimglow::backlight
