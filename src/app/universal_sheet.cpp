#include "app/universal_sheet.h"

#include <QGridLayout>
#include <QPushButton>
#include <QRegularExpression>
#include <algorithm>

#include "app/ask_file.h"
#include "app/field_note.h"
#include "app/light_sheet.h"
#include "app/panels.h"
#include "app/remembered.h"
#include "app/theme.h"
#include "core/plan/template_svg.h"
#include "core/repair/planned_light.h"
#include "records/files.h"
#include "report/template_pdf.h"

namespace dimglow::app {

using text::say;
using typing::Unit;

namespace {

/// The figures of strips as they are bought.
std::vector<sums::Asked> askedOfStock() {
    return {{"segmentLeds", say("LEDs to a segment"), Unit::None, "", 1, 1, 60},
            {"segmentMm", say("segment, mark to mark"), Unit::Millimetres, "mm", 1, 2, 5000},
            {"segments", say("segments to a strip"), Unit::None, "", 1, 1, 200},
            {"stripWidth", say("width"), Unit::Millimetres, "mm", 1, 0.1, 1e4},
            {"segmentVolts", say("volts of a segment"), Unit::Volts, "V", 1, 0.5, 300},
            {"segmentAmps", say("rated current"), Unit::Amps, "mA", 1e-3, 1e-4, 10}};
}

/// "300-312; 600-604", mm; empty where it cannot be read.
std::optional<std::vector<plan::KeepOut>> readKeepOuts(const QString& text) {
    std::vector<plan::KeepOut> all;
    const auto parts = text.split(QRegularExpression(QStringLiteral("[;,]")), Qt::SkipEmptyParts);
    static const QRegularExpression range(
        QStringLiteral("^\\s*(\\d{1,5})\\s*(?:-|–|to|bis)\\s*(\\d{1,5})\\s*(?:mm)?\\s*$"));
    for (const auto& part : parts) {
        const auto match = range.match(part);
        if (!match.hasMatch() || match.captured(2).toDouble() < match.captured(1).toDouble()) {
            return std::nullopt;
        }
        all.push_back({match.captured(1).toDouble(), match.captured(2).toDouble()});
    }
    return all;
}

/// The repair that these strips are planned for.
std::string plannedBy(const knowledge::Knowledge& trade) {
    const auto found = std::find_if(trade.repairs.begin(), trade.repairs.end(),
                                    [](const auto& repair) { return repair.plan == "strips"; });
    return found == trade.repairs.end() ? std::string() : found->id;
}

QString lineOf(const std::vector<plan::KeepOut>& all) {
    QStringList parts;
    for (const auto& k : all) {
        parts << QStringLiteral("%1-%2").arg(k.fromMm, 0, 'f', 0).arg(k.toMm, 0, 'f', 0);
    }
    return parts.join(QStringLiteral("; "));
}

}  // namespace

UniversalSheet::UniversalSheet(JobSession& session, QWidget* under)
    : Sheet(tr("Universal strips"), under), session_(session) {
    save_ = makeButton(tr("Template 1 : 1"), tr("Ctrl+S"));
    save_->setObjectName(QStringLiteral("saveTemplate"));
    save_->setFocusPolicy(Qt::NoFocus);
    connect(save_, &QPushButton::clicked, this, &UniversalSheet::askWhere);
    head_->insertWidget(2, save_);
    on(QKeySequence(Qt::CTRL | Qt::Key_S), [this] { askWhere(); });
    on(QKeySequence(Qt::ALT | Qt::Key_P), [this] { aim_->click(); });
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(theme::px(8));
    grid->setVerticalSpacing(theme::px(2));
    constexpr int perLine = 4;
    const auto add = [&](const QString& name, TypedField* field) {
        const int at = grid->count() / 2;
        auto* label = makeLabel(name, theme::quiet(), "quiet");
        grid->addWidget(label, 2 * (at / perLine), at % perLine);
        grid->addWidget(field, 2 * (at / perLine) + 1, at % perLine);
        connect(field, &TypedField::typed, this, &UniversalSheet::commit);
    };
    for (const auto& asked : askedOfStock()) {
        auto* field = new TypedField(QString::fromStdString(asked.id), asked);
        add(words(asked.name), field);
        fields_.push_back(field);
    }
    perRow_ = new TypedField(QStringLiteral("perRow"),
                             sums::Asked{"perRow", say("segments to a row"), Unit::None, "", 1, 1, 200, false, {}});
    perRow_->setPlaceholderText(tr("by the driver's volts"));
    add(tr("segments to a row"), perRow_);
    keepOuts_ = new TypedField(QStringLiteral("keepOuts"), tr("Keep free, mm from the left"), 200);
    keepOuts_->setPlaceholderText(tr("300-312; 600-604"));
    add(tr("keep free, mm from the left"), keepOuts_);
    body_->addLayout(grid);
    picture_ = new RowsPicture;
    body_->addWidget(picture_, 1);
    auto* row = new QHBoxLayout;
    aim_ = makeButton({}, tr("Alt+P"));
    aim_->setObjectName(QStringLiteral("aim"));
    aim_->setFocusPolicy(Qt::NoFocus);
    connect(aim_, &QPushButton::clicked, this, [this] {
        wanted_ = wanted_ == plan::Aim::Even ? plan::Aim::OldPlaces : plan::Aim::Even;
        commit();
    });
    row->addWidget(aim_);
    figures_ = makeLabel({}, theme::strong());
    figures_->setObjectName(QStringLiteral("universalFigures"));
    figures_->setWordWrap(true);
    row->addWidget(figures_, 1);
    body_->addLayout(row);
    notes_ = makeLabel({}, theme::quiet(), "quiet");
    notes_->setObjectName(QStringLiteral("universalNotes"));
    notes_->setWordWrap(true);
    body_->addWidget(notes_);
}

std::optional<job::Universal> UniversalSheet::typed() {
    for (auto* field : fields_) {
        if (!field->value()) {
            return std::nullopt;
        }
    }
    const auto keepOuts = readKeepOuts(keepOuts_->text());
    if (!keepOuts) {
        refuse(keepOuts_, tr("Write it as 300-312; 600-604."));
        return std::nullopt;
    }
    job::Universal universal;
    const auto at = [&](std::size_t i) { return *fields_[i]->value(); };
    universal.stock = {int(at(0)), at(1), int(at(2)), at(3), at(4), at(5)};
    universal.segmentsPerRow = int(perRow_->value().value_or(0));
    universal.aim = wanted_;
    universal.keepOuts = *keepOuts;
    return universal;
}

void UniversalSheet::commit() {
    const auto universal = typed();
    if (!universal) {
        showPlan();
        return;
    }
    if (const auto written =
            session_.edit(tr("Universal strips"), [&](job::Job& job) { job.repair.details.universal = universal; })) {
        for (auto* field : findChildren<TypedField*>()) {
            field->setModified(false);
        }
    } else {
        emit refused(written.problem);
    }
    showPlan();
}

void UniversalSheet::refresh() {
    const auto& universal = session_.job().repair.details.universal;
    const auto show = [&](std::size_t i, double value) {
        fields_[i]->showValue(universal ? std::optional(value) : std::nullopt);
    };
    const auto stock = universal ? universal->stock : plan::StripStock{};
    wanted_ = universal ? universal->aim : wanted_;
    show(0, stock.segmentLeds);
    show(1, stock.segmentMm);
    show(2, stock.segments);
    show(3, stock.widthMm);
    show(4, stock.segmentVolts);
    show(5, stock.amps);
    perRow_->showValue(universal && universal->segmentsPerRow > 0 ? std::optional(double(universal->segmentsPerRow))
                                                                  : std::nullopt);
    keepOuts_->showWords(universal ? lineOf(universal->keepOuts).toStdString() : std::string());
    showPlan();
}

void UniversalSheet::showPlan() {
    aim_->setText((wanted_ == plan::Aim::Even ? tr("as even as can be") : tr("old places")) + QStringLiteral("   ") +
                  tr("Alt+P"));
    const auto task = repair::universalTaskOf(session_.job());
    const auto plan = task ? plan::planUniversal(*task) : plan::UniversalPlan{};
    save_->setEnabled(task && plan.refusal.empty());
    if (!task) {
        picture_->show({}, {});
        figures_->setText(session_.job().set.backlight.isDescribed
                              ? tr("Type what the strips are: figures of one segment, from mark to mark.")
                              : tr("Describe the strips of the set first."));
        notes_->clear();
        return;
    }
    picture_->show(*task, plan);
    restyle(figures_, "tone", plan.refusal.empty() ? QString() : QStringLiteral("ember"));
    if (!plan.refusal.empty()) {
        figures_->setText(words(plan.refusal));
        notes_->clear();
        return;
    }
    QStringList offcuts;
    for (const int left : plan.offcuts) {
        offcuts << QString::number(left);
    }
    double wire = 0;
    for (const auto& one : plan.wires) {
        wire += one.lengthMm;
    }
    QString figures =
        tr("%1 V a string (was %2), %3 mA, %4 W · %5 strips to buy, %6 pieces, offcuts %7 segments · %8 m of wire")
            .arg(number(plan.stringVolts, 0), number(task->driverVolts, 0), number(1000 * plan.amps, 0),
                 number(plan.watts, 0))
            .arg(plan.stockStrips)
            .arg(plan.pieces.size())
            .arg(offcuts.join(QStringLiteral(" + ")), number(wire / 1000, 1));
    if (const auto light = lightOf(session_, plannedBy(session_.trade()))) {
        const auto made = plan::evennessRange(light->made, light->isDepthKnown);
        const auto planned = plan::evennessRange(light->planned, light->isDepthKnown);
        figures += tr(" · darkest over mean %1, as made %2").arg(number(planned.likely, 2), number(made.likely, 2));
    }
    figures_->setText(figures);
    QStringList notes;
    for (const auto& note : plan.notes) {
        notes << words(note);
    }
    QStringList wires;
    for (const auto& one : plan.wires) {
        wires << QStringLiteral("%1 → %2").arg(QString::fromStdString(one.from), QString::fromStdString(one.to));
    }
    notes << tr("Wires: %1.").arg(wires.join(QStringLiteral(", ")));
    notes_->setText(notes.join(QLatin1Char(' ')));
}

void UniversalSheet::askWhere() {
    commitTyping(*window());
    if (save_->isEnabled()) {
        const QString suggested =
            records::pathInFolder(remembered::folder(), session_.job().id, QStringLiteral("template.pdf"));
        askForFileToSave(this, {tr("Save the template"), tr("Templates (*.pdf *.svg)")}, suggested,
                         [this](const QString& path) { saveTemplate(path); });
    }
}

void UniversalSheet::saveTemplate(const QString& path) {
    const auto task = repair::universalTaskOf(session_.job());
    if (!task) {
        return;
    }
    const auto plan = plan::planUniversal(*task);
    try {
        records::writeWhole(path, path.endsWith(QStringLiteral(".svg"), Qt::CaseInsensitive)
                                      ? QByteArray::fromStdString(plan::templateSvg(*task, plan))
                                      : report::templatePdf(*task, plan, session_.job()));
        notes_->setText(tr("Saved %1").arg(path));
    } catch (const format::FormatError& error) {
        emit refused(QString::fromUtf8(error.what()));
    }
}

}  // namespace dimglow::app
