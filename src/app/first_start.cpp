#include "app/first_start.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/remembered.h"
#include "app/theme.h"
#include "app/typed.h"

namespace dimglow::app {

FirstStart::FirstStart(QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, theme::px(16), 0, 0);
    column->setSpacing(theme::px(16));
    auto* doors = new QHBoxLayout;
    doors->setSpacing(theme::px(14));
    const auto door = [&](const QString& title, const QString& says, const QString& button, const QString& key,
                          const char* name, bool isFirst, auto signal) {
        auto* card = makeCard(isFirst ? "next" : "panel");
        auto* rows = new QVBoxLayout(card);
        rows->setContentsMargins(theme::px(18), theme::px(16), theme::px(18), theme::px(16));
        rows->setSpacing(theme::px(8));
        auto* head = makeLabel(title, theme::reading(20));
        head->setWordWrap(true);
        rows->addWidget(head);
        auto* words = makeLabel(says, theme::body(), "quiet");
        words->setWordWrap(true);
        words->setAlignment(Qt::AlignTop | Qt::AlignLeft);
        rows->addWidget(words, 1);
        auto* go = makeButton(button, key, isFirst);
        go->setObjectName(QString::fromLatin1(name));
        connect(go, &QPushButton::clicked, this, signal);
        rows->addWidget(go);
        doors->addWidget(card, 1);
    };
    door(
        tr("Take in the first job"),
        tr("Say what the set does; after each line the sheet knows what is left and which probe is worth its minutes."),
        tr("New job"), tr("Ctrl+N"), "firstJob", true, &FirstStart::newJobWanted);
    door(tr("Look at the demo workshop"),
         tr("A ferry company's displays in every stage of repair, in a logbook of their own."), tr("Open the demo"), {},
         "openDemo", false, &FirstStart::demoWanted);
    door(tr("Bring a job"), tr("A job file, or a zip with its pictures, from another bench."), tr("Import"),
         tr("Ctrl+O"), "firstImport", false, &FirstStart::importWanted);
    column->addLayout(doors);
    auto* card = makeCard("panel");
    auto* rows = new QVBoxLayout(card);
    rows->setContentsMargins(theme::px(18), theme::px(12), theme::px(18), theme::px(14));
    rows->setSpacing(theme::px(6));
    rows->addWidget(makeLabel(tr("The head of your reports, if you like"), theme::strong()));
    auto* fields = new QHBoxLayout;
    const auto head = remembered::workshop();
    const auto field = [&](const char* id, const QString& name, const QString& value, int stretch) {
        auto* edit = makeField(QString::fromLatin1(id), name, name);
        edit->setText(value);
        edit->setMaxLength(120);
        connect(edit, &QLineEdit::editingFinished, this, &FirstStart::keep);
        fields->addWidget(edit, stretch);
        return edit;
    };
    workshop_ = field("firstWorkshop", tr("Workshop"), head.name, 3);
    contact_ = field("firstContact", tr("Address or phone"), head.contact, 3);
    rate_ = field("firstRate", tr("Rate per h"), head.rate > 0 ? number(head.rate) : QString(), 1);
    rows->addLayout(fields);
    column->addWidget(card);
    column->addStretch(1);
}

void FirstStart::keep() {
    remembered::Workshop head{workshop_->text().trimmed(), contact_->text().trimmed(), 0};
    if (!rate_->text().trimmed().isEmpty()) {
        const auto read = typed::amount(rate_->text(), {0, 1e5, job::Unit::Money});
        if (const auto* problem = std::get_if<text::Text>(&read)) {
            refuse(rate_, words(*problem));
            return;
        }
        head.rate = std::get<double>(read);
    }
    accept(rate_);
    remembered::keepWorkshop(head);
}

}  // namespace dimglow::app
