#include "app/belief_river.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <numeric>

#include "app/painted_text.h"
#include "app/theme.h"
#include "diary/diary.h"

namespace dimglow::app {

namespace {

constexpr std::size_t mostSteps = 24;  ///< the last entries of a long trail
constexpr std::size_t mostStreams = 4;

/// The job as it was when only the first \p count entries stood there.
job::Job upTo(const job::Job& job, std::size_t count) {
    job::Job earlier = job;
    earlier.trail.resize(count);
    return earlier;
}

}  // namespace

BeliefRiver::BeliefRiver(JobSession& session, QWidget* parent) : QWidget(parent), session_(session) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAccessibleName(tr("How belief went over the trail"));
    setObjectName(QStringLiteral("river"));
    connect(&session_, &JobSession::opened, this, [this] {  // nothing of the job before
        trail_.clear();
        streams_.clear();
    });
}

QSize BeliefRiver::sizeHint() const {
    return {theme::px(200), theme::px(62)};
}

void BeliefRiver::refresh() {
    const auto& job = session_.shown().job;
    setVisible(job.trail.size() > 1);
    const bool isAsked = job.trail == trail_ && job.set == set_;
    if (isAsked || job.trail.size() < 2) {
        update();
        return;
    }
    trail_ = job.trail;
    set_ = job.set;
    const auto make = [job, trade = session_.knowledgeSource()](const std::stop_token& stop) {
        Streams streams;
        const std::size_t count = job.trail.size();
        for (std::size_t step = count > mostSteps ? count - mostSteps : 0; step <= count; ++step) {
            std::vector<double> shares(trade().blocks.size() + 1);
            try {
                for (const auto& suspect : sheet::assess(upTo(job, step), trade(), {{}, 0, stop}).suspects) {
                    shares[std::size_t(suspect.block) + 1] += suspect.share;
                }
            } catch (const reasoning::Stopped&) {
                return streams;
            } catch (const std::exception& error) {
                diary::caught("river: assess", error);  // an earlier job that has no answer
                return streams;
            }
            streams.push_back(std::move(shares));
        }
        return streams;
    };
    worker_.start(make, [this](Streams streams) {
        streams_ = std::move(streams);
        update();
    });
}

void BeliefRiver::paintEvent(QPaintEvent*) {
    if (streams_.size() < 2) {
        return;
    }
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = theme::palette();
    // The blocks that matter now, the most suspected at the foot; the others are one pale stream on top.
    std::vector<std::size_t> order(streams_.back().size());
    std::iota(order.begin(), order.end(), std::size_t(0));
    std::stable_sort(order.begin(), order.end(),
                     [&](auto a, auto b) { return streams_.back()[a] > streams_.back()[b]; });
    order.resize(std::min(order.size(), mostStreams));
    const QColor colors[mostStreams] = {p.glow, p.idle, p.quiet, p.line};
    const QRectF room(0, theme::px(2), width(), height() - theme::px(20));
    const auto x = [&](std::size_t step) {
        return room.left() + room.width() * double(step) / double(streams_.size() - 1);
    };
    std::vector<double> floor(streams_.size(), 0);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.raised);
    painter.drawRoundedRect(room, theme::px(4), theme::px(4));
    QPainterPath bank;
    bank.addRoundedRect(room, theme::px(4), theme::px(4));
    painter.setClipPath(bank);
    for (std::size_t stream = 0; stream < order.size(); ++stream) {
        QPainterPath path;
        std::vector<double> top = floor;
        for (std::size_t step = 0; step < streams_.size(); ++step) {
            top[step] += streams_[step][order[stream]];
        }
        const auto y = [&](double share) { return room.bottom() - room.height() * std::min(1.0, share); };
        path.moveTo(x(0), y(floor[0]));
        path.lineTo(x(0), y(top[0]));
        for (std::size_t step = 1; step < streams_.size(); ++step) {
            const double middle = (x(step - 1) + x(step)) / 2;
            path.cubicTo(middle, y(top[step - 1]), middle, y(top[step]), x(step), y(top[step]));
        }
        path.lineTo(x(streams_.size() - 1), y(floor.back()));
        for (std::size_t step = streams_.size() - 1; step > 0; --step) {
            const double middle = (x(step - 1) + x(step)) / 2;
            path.cubicTo(middle, y(floor[step]), middle, y(floor[step - 1]), x(step - 1), y(floor[step - 1]));
        }
        QColor fill = colors[stream];
        fill.setAlphaF(stream == 0 ? 0.85F : 0.55F);
        painter.fillPath(path, fill);
        floor = top;
    }
    painter.setClipping(false);
    painter.setPen(p.quiet);
    painter.setFont(theme::quiet());
    const QRectF foot(0, room.bottom() + theme::px(2), width(), theme::px(18));
    paintText(painter, foot, Qt::AlignLeft | Qt::AlignTop, tr("first entry"));
    paintText(painter, foot, Qt::AlignRight | Qt::AlignTop, tr("now"));
}

}  // namespace dimglow::app
