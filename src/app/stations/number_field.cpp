#include "app/stations/number_field.h"

#include <QHBoxLayout>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/theme.h"
#include "app/typed.h"

namespace dimglow::app {

NumberField::NumberField(JobSession& session, const QString& name, const QString& id, job::Expected expected,
                         const std::function<double&(job::Job&)>& slot, double shown)
    : session_(session),
      name_(name),
      expected_(expected),
      read_([slot, shown](job::Job& job) { return std::optional(slot(job) * shown); }),
      write_([slot, shown](job::Job& job, const std::optional<double>& typed) { slot(job) = *typed / shown; }),
      mayBeUnknown_(false) {
    build(id);
}

NumberField::NumberField(JobSession& session, const QString& name, const QString& id, job::Expected expected,
                         const std::function<std::optional<double>&(job::Job&)>& slot)
    : session_(session),
      name_(name),
      expected_(expected),
      read_([slot](job::Job& job) { return slot(job); }),
      write_([slot](job::Job& job, const std::optional<double>& typed) { slot(job) = typed; }),
      mayBeUnknown_(true) {
    build(id);
    edit_->setPlaceholderText(tr("not known"));
}

void NumberField::build(const QString& id) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(theme::px(6));
    row->addWidget(makeLabel(name_, theme::quiet(), "quiet"));
    edit_ = makeField(id, name_);
    edit_->setFixedWidth(theme::px(mayBeUnknown_ ? 100 : 64));
    row->addWidget(edit_);
    explainTyping(edit_, [this](const QString& text) {
        return typed::orNothing(typed::number(text, expected_), expected_.unit);
    });
    connect(edit_, &QLineEdit::editingFinished, this, &NumberField::commit);
}

void NumberField::refresh() {
    if (!edit_->isModified()) {
        job::Job job = session_.shown().job;
        const auto value = read_(job);
        edit_->setText(value ? number(*value) : QString());
    }
}

void NumberField::commit() {
    if (!edit_->isModified()) {
        return;
    }
    std::optional<double> value;
    if (!mayBeUnknown_ || !edit_->text().trimmed().isEmpty()) {
        const auto read = typed::number(edit_->text(), expected_);
        if (const auto* problem = std::get_if<text::Text>(&read)) {
            refuse(edit_, words(*problem));
            return;
        }
        value = std::get<double>(read);
    }
    const auto written = session_.edit(name_, [&](job::Job& job) { write_(job, value); });
    if (written) {
        edit_->setModified(false);
        accept(edit_);
    } else {
        refuse(edit_, written.problem);
    }
}

}  // namespace dimglow::app
