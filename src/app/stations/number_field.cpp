#include "app/stations/number_field.h"

#include <QHBoxLayout>

#include "app/panels.h"
#include "app/theme.h"
#include "core/job/reading_text.h"

namespace dimglow::app {

NumberField::NumberField(JobSession& session, const QString& name, const QString& id, Range range,
                         std::function<double&(job::Job&)> slot, double shown)
    : session_(session), name_(name), range_(range), slot_(std::move(slot)), shown_(shown) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(theme::px(6));
    row->addWidget(makeLabel(name, theme::quiet(), "quiet"));
    edit_ = new QLineEdit;
    edit_->setObjectName(id);
    edit_->setAccessibleName(name);
    edit_->setFont(theme::body());
    edit_->setFixedWidth(theme::px(64));
    row->addWidget(edit_);
    connect(edit_, &QLineEdit::editingFinished, this, &NumberField::commit);
}

void NumberField::refresh() {
    if (!edit_->hasFocus()) {
        job::Job job = session_.job();
        edit_->setText(QString::number(slot_(job) * shown_, 'g', 6));
    }
}

void NumberField::commit() {
    const auto typed = job::readTypedNumber(edit_->text().toStdString(), range_.least, range_.most);
    const auto* problem = std::get_if<std::string>(&typed);
    restyle(edit_, "wrong", problem != nullptr);
    if (problem != nullptr) {
        emit refused(tr("%1: %2").arg(name_, QString::fromStdString(*problem)));
        return;
    }
    session_.edit(name_, [&](job::Job& job) { slot_(job) = std::get<double>(typed) / shown_; });
}

}  // namespace dimglow::app
