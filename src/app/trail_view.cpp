#include "app/trail_view.h"

#include <QKeyEvent>
#include <QScrollBar>
#include <QVBoxLayout>
#include <algorithm>
#include <map>

#include "app/panels.h"
#include "app/stations/stations.h"
#include "app/theme.h"
#include "core/job/trail_lines.h"

namespace dimglow::app {

namespace {

constexpr std::size_t firstCards = 60;
constexpr std::size_t moreCards = 200;

QString stationTitle(const knowledge::TestKind* test, set::LightKind light) {
    const auto& kinds = stationKinds();
    const auto found = std::find_if(kinds.begin(), kinds.end(),
                                    [&](const auto& kind) { return test != nullptr && test->station == kind.id; });
    return found == kinds.end() ? QString() : found->title(light);
}

}  // namespace

TrailView::TrailView(JobSession& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("side"));
    setAttribute(Qt::WA_StyledBackground);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Trail"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::px(12), theme::px(14), theme::px(4), theme::px(8));
    auto* head = new QHBoxLayout;
    head->addWidget(makeLabel(tr("Trail"), theme::strong()));
    head->addStretch();
    count_ = makeLabel({}, theme::quiet(), "quiet");
    head->addWidget(count_);
    head->addSpacing(theme::px(10));
    layout->addLayout(head);
    scroll_ = new QScrollArea;
    scroll_->setWidgetResizable(true);
    scroll_->setFocusPolicy(Qt::NoFocus);
    scroll_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    layout->addWidget(scroll_);
    list_ = new QWidget;
    new QVBoxLayout(list_);
    list_->layout()->setContentsMargins(0, 0, theme::px(4), 0);
    list_->layout()->setSpacing(theme::px(8));
    scroll_->setWidget(list_);
    auto* bar = scroll_->verticalScrollBar();
    connect(bar, &QScrollBar::rangeChanged, bar, [bar](int, int last) { bar->setValue(last); });
    connect(&session_, &JobSession::opened, this, [this] { most_ = firstCards; });
    most_ = firstCards;
    connect(&session_, &JobSession::changed, this, &TrailView::refresh);
    if (session_.hasJob()) {
        refresh();
    }
}

/// \p replaced: how many earlier answers it stands for.
QWidget* TrailView::makeEntry(const job::TrailLine& line, int replaced) {
    auto* card = makeCard("true");
    auto* rows = new QVBoxLayout(card);
    rows->setContentsMargins(theme::px(12), theme::px(8), theme::px(10), theme::px(8));
    rows->setSpacing(theme::px(2));
    auto* top = new QHBoxLayout;
    auto* title = makeLabel(words(line.title), theme::quiet(), "quiet");
    title->setWordWrap(true);
    top->addWidget(title, 1);
    const auto* test = session_.trade().test(line.test);
    const QString where =
        line.phase == job::Phase::After ? tr("Prove") : stationTitle(test, session_.job().set.lightKind());
    top->addWidget(makeLabel(line.stands ? where : tr("replaced"), theme::quiet(), "quiet"), 0, Qt::AlignTop);
    if (replaced > 0) {
        auto* count = makeLabel(tr("%1 earlier").arg(replaced), theme::quiet(), "idle");
        count->setObjectName(QStringLiteral("replaced"));
        count->setToolTip(tr("Earlier answers to the same question, which this one replaced."));
        top->addWidget(count, 0, Qt::AlignTop);
    }
    rows->addLayout(top);
    auto* bottom = new QHBoxLayout;
    const QString found = words(line.text);
    auto* value = makeLabel(found, theme::reading(found.size() > 12 ? 16 : 20), line.stands ? "" : "quiet");
    value->setWordWrap(true);
    if (!line.raw.empty()) {
        setPlainToolTip(value, tr("As it was typed: %1").arg(QString::fromStdString(line.raw)));
    }
    bottom->addWidget(value, 1);
    const auto& expectations = session_.shown().assessment.expected.byEntry;
    const auto expected = expectations.find(line.entry);
    if (expected != expectations.end() && line.stands) {
        auto* glyph = new BandGlyph;
        glyph->show(expected->second.band, expected->second.volts, expected->second.within);
        bottom->addWidget(glyph, 0, Qt::AlignVCenter);
    }
    rows->addLayout(bottom);
    cards_.emplace_back(line.entry, card);
    return card;
}

void TrailView::refresh() {
    clearLayout(list_->layout());
    cards_.clear();
    const auto& job = session_.shown().job;
    auto* rows = static_cast<QVBoxLayout*>(list_->layout());
    const auto lines = job::trailLines(job, session_.trade());
    const std::size_t hidden = lines.size() > most_ ? lines.size() - most_ : 0;
    if (hidden > 0) {
        auto* earlier = makeButton(tr("%1 earlier").arg(hidden), {});
        earlier->setObjectName(QStringLiteral("earlier"));
        connect(earlier, &QPushButton::clicked, this, [this] {
            most_ += moreCards;
            refresh();
        });
        rows->addWidget(earlier);
    }
    // What was replaced is told by number on the card that replaced it.
    struct Answers {
        int replaced = 0;
        std::size_t last = 0;
    };
    std::map<std::pair<int, std::string>, Answers> answers;
    std::vector<const Answers*> ofLine;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        auto& same = answers[{int(lines[i].phase), lines[i].test + lines[i].title.english()}];
        same.replaced += lines[i].stands ? 0 : 1;
        same.last = i;
        ofLine.push_back(&same);
    }
    for (std::size_t i = hidden; i < lines.size(); ++i) {
        const bool stands = lines[i].stands;
        if (stands || ofLine[i]->last == i) {
            rows->addWidget(makeEntry(lines[i], ofLine[i]->replaced - (stands ? 0 : 1)));
        }
    }
    if (job.trail.empty()) {
        auto* hint = makeLabel(tr("Nothing written down yet.\nStart with what can be seen and heard from outside: "
                                  "First look takes five minutes and opens nothing."),
                               theme::body(), "quiet");
        hint->setWordWrap(true);
        rows->addWidget(hint);
    }
    rows->addStretch();
    count_->setText(job.trail.size() == 1 ? tr("1 entry") : tr("%1 entries").arg(job.trail.size()));
    selected_ = std::min(selected_, int(cards_.size()) - 1);
    showSelection();
}

void TrailView::showSelection() {
    for (int i = 0; i < int(cards_.size()); ++i) {
        restyle(cards_[i].second, "card", i == selected_ && hasFocus() ? "next" : "true");
    }
    if (selected_ >= 0 && hasFocus()) {
        scroll_->ensureWidgetVisible(cards_[selected_].second);
    }
}

void TrailView::keyPressEvent(QKeyEvent* event) {
    const int last = int(cards_.size()) - 1;
    if (event->key() == Qt::Key_Up || event->key() == Qt::Key_Down) {
        selected_ = std::clamp(selected_ + (event->key() == Qt::Key_Down ? 1 : -1), std::min(0, last), last);
        showSelection();
    } else if (event->key() == Qt::Key_Delete && selected_ >= 0) {
        const int id = cards_[selected_].first;
        const auto written = session_.edit(tr("Take back an entry"), [id](job::Job& job) {
            std::erase_if(job.trail, [id](const auto& e) { return e.id == id; });
        });
        if (!written) {
            emit refused(written.problem);
        }
    } else {
        QWidget::keyPressEvent(event);
    }
}

void TrailView::focusInEvent(QFocusEvent*) {
    selected_ = selected_ < 0 ? int(cards_.size()) - 1 : selected_;
    showSelection();
}

void TrailView::focusOutEvent(QFocusEvent*) {
    showSelection();
}

}  // namespace dimglow::app
