#include "core/backlight/map_svg.h"

#include <fmt/format.h>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace dimglow::backlight {

namespace {

constexpr double marginMm = 40;
constexpr double titleMm = 30;

std::string escaped(const std::string& text) {
    std::string safe;
    for (const char c : text) {
        switch (c) {
            case '&':
                safe += "&amp;";
                break;
            case '<':
                safe += "&lt;";
                break;
            case '>':
                safe += "&gt;";
                break;
            case '"':
                safe += "&quot;";
                break;
            default:
                safe += static_cast<unsigned char>(c) < 0x20 ? ' ' : c;
        }
    }
    return safe;
}

double radiusOf(const Backlight& backlight) {
    double closest = 60;
    for (const auto& strip : backlight.strips) {
        if (strip.leds > 1) {
            closest = std::min(
                closest, std::hypot(strip.last.x - strip.first.x, strip.last.y - strip.first.y) / (strip.leds - 1));
        }
    }
    return std::clamp(0.3 * closest, 1.0, 12.0);
}

std::string ledShape(PointMm c, double r, const MapMark& mark) {
    using Look = MapMark::Look;
    const std::string ring = fmt::format(R"(<circle cx="{:.2f}" cy="{:.2f}" r="{:.2f}" )", c.x, c.y, r);
    std::string shape;
    switch (mark.look) {
        case Look::Lit:
            shape = ring + R"(class="lit"/>)";
            break;
        case Look::Dim:
            shape = ring + R"(class="dark"/>)" +
                    fmt::format(R"(<path d="M{0:.2f} {1:.2f}A{2:.2f} {2:.2f} 0 0 1 {0:.2f} {3:.2f}Z" class="lit"/>)",
                                c.x, c.y - r, r, c.y + r);
            break;
        case Look::Dark:
            shape = ring + R"(class="dark"/>)";
            break;
        case Look::Open:
            shape = ring + fmt::format(R"(class="fault" stroke-dasharray="{:.2f} {:.2f}"/>)", 5.2 * r, 1.1 * r);
            break;
        case Look::Shorted:
            shape = ring + R"(class="fault"/>)" +
                    fmt::format(R"(<path d="M{:.2f} {:.2f}h{:.2f}" class="fault"/>)", c.x - 1.4 * r, c.y, 2.8 * r);
            break;
        case Look::Unknown:
            shape = ring + R"(class="unknown"/>)";
    }
    if (mark.share > 0.01) {
        const double angle = 2 * std::numbers::pi * std::min(mark.share, 0.999);
        const double outer = 1.45 * r;
        shape += fmt::format(R"(<path d="M{:.2f} {:.2f}A{:.2f} {:.2f} 0 {} 1 {:.2f} {:.2f}" class="fault"/>)", c.x,
                             c.y - outer, outer, outer, angle > std::numbers::pi ? 1 : 0, c.x + outer * std::sin(angle),
                             c.y - outer * std::cos(angle));
    }
    return shape + "\n";
}

}  // namespace

std::string mapSvg(const Backlight& backlight, const std::string& title,
                   const std::vector<std::vector<MapMark>>& marks) {
    const double r = radiusOf(backlight);
    std::string svg = fmt::format(
        R"(<svg xmlns="http://www.w3.org/2000/svg" viewBox="{:.0f} {:.0f} {:.0f} {:.0f}" font-family="sans-serif">
<style>.panel{{fill:#fff;stroke:#888}}.bar{{fill:#eee8da}}.wire{{fill:none;stroke:#555;stroke-width:{:.2f}}}.lit{{fill:#e6a33c;stroke:#a65a00}}.dark{{fill:#fff;stroke:#222}}.unknown{{fill:none;stroke:#888;stroke-dasharray:2 2}}.fault{{fill:none;stroke:#b8321a;stroke-width:{:.2f}}}</style>
)",
        -marginMm, -marginMm - titleMm, backlight.drawnWidthMm() + 2 * marginMm,
        backlight.drawnHeightMm() + 2 * marginMm + titleMm, 0.15 * r, 0.3 * r);
    svg += fmt::format("<text x=\"0\" y=\"{:.0f}\" font-size=\"18\">{}</text>\n", -marginMm, escaped(title));
    svg += fmt::format("<rect class=\"panel\" width=\"{:.1f}\" height=\"{:.1f}\"/>\n", backlight.drawnWidthMm(),
                       backlight.drawnHeightMm());
    for (const auto& strip : backlight.strips) {
        const double left = std::min(strip.first.x, strip.last.x) - 1.8 * r;
        const double top = std::min(strip.first.y, strip.last.y) - 1.8 * r;
        svg += fmt::format("<rect class=\"bar\" x=\"{:.2f}\" y=\"{:.2f}\" width=\"{:.2f}\" height=\"{:.2f}\"/>\n", left,
                           top, std::abs(strip.last.x - strip.first.x) + 3.6 * r,
                           std::abs(strip.last.y - strip.first.y) + 3.6 * r);
        svg += fmt::format("<text x=\"{:.2f}\" y=\"{:.2f}\" font-size=\"14\" text-anchor=\"end\">{}</text>\n", left - 4,
                           top + 2.4 * r, escaped(strip.label));
    }
    for (const auto& ref : stringsOf(backlight)) {
        std::string points;
        for (const auto& place : ledsInOrder(backlight, ref)) {
            const auto at = positionOf(backlight, place);
            points += fmt::format("{:.2f},{:.2f} ", at.x, at.y);
        }
        svg += fmt::format("<polyline class=\"wire\" points=\"{}\"><title>channel {}</title></polyline>\n", points,
                           escaped(backlight.channels[ref.channel].label));
    }
    for (int strip = 0; strip < int(backlight.strips.size()); ++strip) {
        for (int led = 0; led < backlight.strips[strip].leds; ++led) {
            const bool marked = strip < int(marks.size()) && led < int(marks[strip].size());
            svg += ledShape(positionOf(backlight, {strip, led}), r, marked ? marks[strip][led] : MapMark{});
        }
    }
    for (const auto& ref : stringsOf(backlight)) {
        const auto order = ledsInOrder(backlight, ref);
        for (const auto& [place, words] : {std::pair(order.front(), "+"), std::pair(order.back(), "−")}) {
            const auto at = positionOf(backlight, place);
            svg += fmt::format("<text x=\"{:.2f}\" y=\"{:.2f}\" font-size=\"16\" text-anchor=\"middle\">{}</text>\n",
                               at.x, at.y - 2 * r, words);
        }
    }
    return svg + "</svg>\n";
}

}  // namespace dimglow::backlight
