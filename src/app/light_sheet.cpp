#include "app/light_sheet.h"

#include <QKeyEvent>
#include <QPushButton>
#include <algorithm>

#include "app/panels.h"
#include "app/stations/number_field.h"
#include "app/theme.h"

namespace dimglow::app {

std::optional<repair::LightPictures> lightOf(const JobSession& session, const std::string& option) {
    std::vector<repair::FaultyLed> faulty;
    for (const auto& located : session.shown().assessment.located) {
        faulty.push_back({located.place, located.fault});
    }
    return repair::lightOf(session.shown().job, session.trade(), faulty, option);
}

LightSheet::LightSheet(JobSession& session, QWidget* under) : Sheet(tr("Light"), under), session_(session) {
    const std::pair<QString, QString> views[] = {
        {tr("as made"), tr("1")}, {tr("as found"), tr("2")}, {tr("as planned"), tr("3")}};
    for (int i = 0; i < 3; ++i) {
        auto* button = makeButton(views[i].first, views[i].second);
        button->setFocusPolicy(Qt::NoFocus);
        connect(button, &QPushButton::clicked, this, [this, i] { setView(View(i)); });
        head_->insertWidget(1 + i, button);
        views_.push_back(button);
    }
    picture_ = new LightPicture;
    picture_->setObjectName(QStringLiteral("lightPicture"));
    picture_->setMovable(true);
    body_->addWidget(picture_, 1);
    figures_ = makeLabel({}, theme::body());
    figures_->setObjectName(QStringLiteral("lightFigures"));
    figures_->setWordWrap(true);
    body_->addWidget(figures_);
    auto* row = new QHBoxLayout;
    row->setSpacing(theme::px(12));
    depth_ = new NumberField(session, tr("LEDs to diffuser, mm"), QStringLiteral("depth"), {2, 300},
                             [](job::Job& job) -> std::optional<double>& { return job.repair.details.box.depthMm; });
    row->addWidget(depth_);
    row->addWidget(makeLabel(tr("It looks like"), theme::quiet(), "quiet"));
    looks_ = new QComboBox;
    looks_->setObjectName(QStringLiteral("looks"));
    looks_->setAccessibleName(tr("What it looks like"));
    looks_->addItem(tr("nothing wrong"));
    for (const auto& look : plan::looks()) {
        looks_->addItem(words(look.title));
    }
    row->addWidget(looks_);
    row->addStretch(1);
    body_->addLayout(row);
    cause_ = makeLabel({}, theme::body(), "glow");
    cause_->setObjectName(QStringLiteral("lookCause"));
    cause_->setWordWrap(true);
    cause_->setMinimumHeight(theme::px(44));
    cause_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    body_->addWidget(cause_);
    connect(looks_, &QComboBox::currentIndexChanged, this, [this](int index) {
        look_ = index - 1;
        draw();
    });
    connect(picture_, &LightPicture::spotPressed, this, [this](int spot) {
        spot_ = spot;
        moved_.reset();
        draw();
    });
    connect(picture_, &LightPicture::spotMoved, this, [this](int spot, backlight::PointMm to) {
        spot_ = spot;
        moved_ = to;
        draw();
    });
}

void LightSheet::refresh() {
    light_ = session_.hasJob() ? lightOf(session_, option_) : std::nullopt;
    depth_->refresh();
    moved_.reset();
    draw();
}

void LightSheet::setView(View view) {
    view_ = view;
    draw();
}

void LightSheet::draw() {
    for (int i = 0; i < 3; ++i) {
        restyle(views_[std::size_t(i)], "primary", View(i) == view_);
    }
    if (!light_) {
        picture_->clear();
        figures_->setText(tr("It cannot be told: the strips are not described, or a light guide spreads their light."));
        cause_->clear();
        return;
    }
    plan::Scene scene = view_ == View::Made ? light_->made : view_ == View::Found ? light_->found : light_->planned;
    spot_ = std::clamp(spot_, 0, int(scene.spots.size()) - 1);
    if (moved_) {
        scene.spots[std::size_t(spot_)].at = *moved_;
    }
    if (look_ >= 0) {
        const auto& look = plan::looks()[std::size_t(look_)];
        scene = plan::withLook(std::move(scene), look.id, std::size_t(spot_));
        cause_->setText(tr("%1. %2").arg(words(look.cause), words(look.cure)));
    } else {
        cause_->setText(tr("Arrows or a click choose an LED; drag one to see it lie elsewhere."));
    }
    restyle(cause_, "tone", look_ >= 0 ? QStringLiteral("glow") : QStringLiteral("quiet"));
    picture_->show(scene, brightestOf(light_->made));
    picture_->setCursorSpot(spot_);
    const auto range = plan::evennessRange(scene, light_->isDepthKnown);
    const auto evenness = plan::evennessOf(plan::lightMap(scene.box, scene.spots, 160, 90), scene.box);
    const QString spread = light_->isDepthKnown
                               ? number(range.likely, 2)
                               : tr("%1 (%2 to %3, depth not known)")
                                     .arg(number(range.likely, 2), number(range.low, 2), number(range.high, 2));
    const QString tinted =
        plan::isTinted(scene.spots)
            ? tr(" · tint %1")
                  .arg(words(plan::wordsOfDifference(plan::largestTint(plan::tintMap(scene.box, scene.spots, 160, 90),
                                                                       plan::usualWhite(scene.spots)))))
            : QString();
    figures_->setText(tr("Darkest over mean %1 · nine points %2 · darkest at %3, %4 mm · brightest at %5, %6 mm")
                          .arg(spread, number(evenness.ninePoints, 2), number(evenness.darkest.x, 0),
                               number(evenness.darkest.y, 0), number(evenness.brightest.x, 0),
                               number(evenness.brightest.y, 0)) +
                      tinted);
}

void LightSheet::moveCursor(int by) {
    if (light_) {
        const int count = int(picture_->scene().spots.size());
        spot_ = count > 0 ? (spot_ + by + count) % count : 0;
        moved_.reset();
        draw();
    }
}

void LightSheet::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
        case Qt::Key_1:
        case Qt::Key_2:
        case Qt::Key_3:
            setView(View(event->key() - Qt::Key_1));
            return;
        case Qt::Key_Left:
            moveCursor(-1);
            return;
        case Qt::Key_Right:
            moveCursor(1);
            return;
        case Qt::Key_Down:
            looks_->setCurrentIndex((looks_->currentIndex() + 1) % looks_->count());
            return;
        case Qt::Key_Up:
            looks_->setCurrentIndex((looks_->currentIndex() + looks_->count() - 1) % looks_->count());
            return;
        default:
            Sheet::keyPressEvent(event);
    }
}

}  // namespace dimglow::app
