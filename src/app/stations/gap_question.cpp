#include "app/stations/gap_question.h"

#include <QHBoxLayout>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/theme.h"
#include "app/typed.h"

namespace dimglow::app {

GapQuestion::GapQuestion(JobSession& session, QWidget* parent) : QFrame(parent), session_(session) {
    setProperty("card", "panel");
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(theme::px(14), theme::px(7), theme::px(14), theme::px(7));
    words_ = makeLabel({}, theme::body());
    words_->setObjectName(QStringLiteral("gapQuestion"));
    words_->setWordWrap(true);
    row->addWidget(words_, 1);
    field_ = makeField(QStringLiteral("gapMinutes"), tr("Minutes that were work"), tr("minutes, 0 for none"));
    field_->setFixedWidth(theme::px(180));
    row->addWidget(field_);
    connect(field_, &QLineEdit::returnPressed, this, &GapQuestion::commit);
    hide();
}

void GapQuestion::refresh() {
    const auto& ticks = session_.shown().job.opening.ticks;
    const auto taken = hands::timeTaken(ticks);
    setVisible(taken.unsaid > 0);
    if (taken.unsaid > 0) {
        const auto local = [](const std::string& at) {
            return QDateTime::fromString(QString::fromStdString(at), Qt::ISODate)
                .toLocalTime()
                .toString(QStringLiteral("yyyy-MM-dd HH:mm"));
        };
        words_->setText(tr("Nothing was ticked from %1 to %2: how many of the %3 minutes were work?")
                            .arg(local(ticks[std::size_t(taken.firstUnsaid) - 1].at),
                                 local(ticks[std::size_t(taken.firstUnsaid)].at))
                            .arg(taken.gapMinutes, 0, 'f', 0));
    }
}

void GapQuestion::commit() {
    const auto taken = hands::timeTaken(session_.job().opening.ticks);
    if (taken.unsaid == 0 || field_->text().trimmed().isEmpty()) {
        return;
    }
    const auto read = typed::number(field_->text(), {0, taken.gapMinutes, job::Unit::None});
    if (const auto* problem = std::get_if<text::Text>(&read)) {
        refuse(field_, words(*problem));
        return;
    }
    const auto written = session_.edit(tr("Minutes of work"), [&](job::Job& job) {
        job.opening.ticks[std::size_t(taken.firstUnsaid)].worked = std::get<double>(read);
    });
    if (!written) {
        refuse(field_, written.problem);
        return;
    }
    accept(field_);
    field_->setText({});
}

QString timeWords(const hands::TimeTaken& taken, double plannedMinutes) {
    const QString by = GapQuestion::tr("%1 min by the clock").arg(taken.minutes, 0, 'f', 0);
    return plannedMinutes > 0 ? GapQuestion::tr("%1, %2 planned").arg(by).arg(plannedMinutes, 0, 'f', 0) : by;
}

}  // namespace dimglow::app
