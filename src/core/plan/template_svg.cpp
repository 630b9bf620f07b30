#include "core/plan/template_svg.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

namespace dimglow::plan {

using Kind = TemplateShape::Kind;

namespace {

constexpr double lightMm = 4;
constexpr double belowMm = 30;

const char* classOf(Kind kind) {
    switch (kind) {
        case Kind::Piece:
            return "piece";
        case Kind::Light:
            return "light";
        case Kind::CutMark:
            return "cut";
        case Kind::KeepOut:
            return "keep";
        case Kind::Panel:
            return "panel";
        case Kind::Word:
            break;
    }
    return "word";
}

}  // namespace

std::vector<TemplateShape> templateOf(const UniversalTask& task, const UniversalPlan& plan) {
    std::vector<TemplateShape> shapes{{Kind::Panel, 0, 0, task.widthMm, task.heightMm, {}}};
    const double half = task.stock.widthMm / 2;
    for (std::size_t r = 0; r < plan.rows.size(); ++r) {
        const auto& row = plan.rows[r];
        for (const auto& keepOut : task.rows[r].keepOuts) {
            shapes.push_back(
                {Kind::KeepOut, keepOut.fromMm, row.yMm - half, keepOut.toMm - keepOut.fromMm, 2 * half, {}});
        }
        int piece = 0;
        for (std::size_t s = 0; s < row.segments.size(); ++s) {
            const auto& segment = row.segments[s];
            if (segment.joinsLast) {
                continue;
            }
            std::size_t end = s + 1;
            while (end < row.segments.size() && row.segments[end].joinsLast) {
                ++end;
            }
            const double length = double(end - s) * task.stock.segmentMm;
            shapes.push_back({Kind::Piece, segment.fromMm, row.yMm - half, length, 2 * half, {}});
            for (const double x : {segment.fromMm, segment.fromMm + length}) {
                shapes.push_back({Kind::CutMark, x, row.yMm - half - 2, 0, 2 * half + 4, {}});
            }
            const auto name = fmt::format("{}.{}", r + 1, ++piece);
            shapes.push_back({Kind::Word, segment.fromMm + 2, row.yMm - half - 3, 0, 0,
                              row.isTurned ? "− " + name + " +" : "+ " + name + " −"});
        }
        for (const double x : row.lightsMm) {
            shapes.push_back({Kind::Light, x, row.yMm, lightMm, lightMm, {}});
        }
    }
    return shapes;
}

std::string templateSvg(const UniversalTask& task, const UniversalPlan& plan) {
    std::string svg =
        fmt::format(R"(<svg xmlns="http://www.w3.org/2000/svg" width="{0}mm" height="{1}mm" viewBox="0 0 {0} {1}">)"
                    "\n<style>rect,circle,path{{fill:none;stroke:#000;stroke-width:.3}}.keep{{stroke-dasharray:2 1}}"
                    ".word{{font:5px sans-serif;fill:#000}}</style>\n",
                    task.widthMm, task.heightMm + belowMm);
    for (const auto& shape : templateOf(task, plan)) {
        const char* kind = classOf(shape.kind);
        if (shape.kind == Kind::Light) {
            svg += fmt::format("<circle class=\"{}\" cx=\"{:.2f}\" cy=\"{:.2f}\" r=\"{:.2f}\"/>\n", kind, shape.x,
                               shape.y, shape.width / 2);
        } else if (shape.kind == Kind::CutMark) {
            svg +=
                fmt::format("<path class=\"{}\" d=\"M{:.2f} {:.2f}v{:.2f}\"/>\n", kind, shape.x, shape.y, shape.height);
        } else if (shape.kind == Kind::Word) {
            svg += fmt::format("<text class=\"{}\" x=\"{:.2f}\" y=\"{:.2f}\">{}</text>\n", kind, shape.x, shape.y,
                               shape.word);
        } else {
            svg += fmt::format("<rect class=\"{}\" x=\"{:.2f}\" y=\"{:.2f}\" width=\"{:.2f}\" height=\"{:.2f}\"/>\n",
                               kind, shape.x, shape.y, shape.width, shape.height);
        }
    }
    const double y = task.heightMm + belowMm / 2;
    return svg + fmt::format(
                     "<path class=\"measure\" d=\"M10 {0}v-4m0 2h{1}m0 -2v4\"/>\n<text class=\"word\" x=\"12\" "
                     "y=\"{2}\">{1} mm</text>\n</svg>\n",
                     y, measureMm, y + 8);
}

std::vector<Tile> tilesOf(double widthMm, double heightMm, double pageWidthMm, double pageHeightMm, double overlapMm) {
    const auto pages = [&](double length, double page) {
        return std::max(1, int(std::ceil((length - overlapMm) / (page - overlapMm))));
    };
    const int columns = pages(widthMm, pageWidthMm);
    const int rows = pages(heightMm, pageHeightMm);
    std::vector<Tile> tiles;
    for (int row = 0; row < rows; ++row) {
        for (int column = 0; column < columns; ++column) {
            tiles.push_back({column, row, column * (pageWidthMm - overlapMm), row * (pageHeightMm - overlapMm),
                             pageWidthMm, pageHeightMm});
        }
    }
    return tiles;
}

}  // namespace dimglow::plan
