#include "app/stations/number_field.h"

#include <QHBoxLayout>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

NumberField::NumberField(JobSession& session, const QString& name, const QString& id, job::Expected expected,
                         std::function<double&(job::Job&)> slot, double shown)
    : session_(session), name_(name), expected_(expected), slot_(std::move(slot)), shown_(shown) {
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
    if (!edit_->isModified()) {
        job::Job job = session_.shown().job;
        edit_->setText(number(slot_(job) * shown_));
    }
}

void NumberField::commit() {
    if (!edit_->isModified()) {
        return;
    }
    const auto typed = job::readTypedNumber(edit_->text().toStdString(), expected_);
    if (const auto* problem = std::get_if<text::Text>(&typed)) {
        refuse(edit_, words(*problem));
        return;
    }
    const auto written = session_.edit(name_, [&](job::Job& job) { slot_(job) = std::get<double>(typed) / shown_; });
    if (written) {
        edit_->setModified(false);
        accept(edit_);
    } else {
        refuse(edit_, written.problem);
    }
}

}  // namespace dimglow::app
