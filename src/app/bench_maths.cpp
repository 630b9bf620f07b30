#include "app/bench_maths.h"

#include <QKeyEvent>
#include <QPushButton>
#include <algorithm>

#include "app/panels.h"
#include "app/theme.h"

namespace dimglow::app {

BenchMaths::BenchMaths(JobSession& session, QWidget* under) : Sheet(tr("Bench maths"), under), session_(session) {
    setObjectName(QStringLiteral("benchMaths"));
    pin_ = makeButton(tr("Pin to the job"), tr("Alt+P"));
    pin_->setObjectName(QStringLiteral("pin"));
    pin_->setFocusPolicy(Qt::NoFocus);
    connect(pin_, &QPushButton::clicked, this, &BenchMaths::pin);
    head_->insertWidget(2, pin_);
    on(QKeySequence(Qt::ALT | Qt::Key_P), [this] { pin(); });
    auto* columns = new QHBoxLayout;
    columns->setSpacing(theme::px(20));
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("sums"));
    list_->setAccessibleName(tr("Sums"));
    list_->setFont(theme::body());
    list_->setMinimumWidth(theme::px(250));
    list_->setMaximumWidth(theme::px(320));
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setWordWrap(true);
    for (const auto& sum : sums::all()) {
        list_->addItem(words(sum.title));
    }
    list_->installEventFilter(this);
    columns->addWidget(list_);
    auto* work = new QVBoxLayout;
    work->setSpacing(theme::px(8));
    formula_ = makeLabel({}, theme::strong(), "idle");
    formula_->setWordWrap(true);
    work->addWidget(formula_);
    rows_ = new QVBoxLayout;
    rows_->setSpacing(theme::px(6));
    work->addLayout(rows_);
    picture_ = new SumPicture;
    work->addWidget(picture_);
    results_ = makeLabel({}, theme::reading(20));
    results_->setObjectName(QStringLiteral("sumResults"));
    results_->setWordWrap(true);
    work->addWidget(results_);
    notes_ = makeLabel({}, theme::body(), "quiet");
    notes_->setObjectName(QStringLiteral("sumNotes"));
    notes_->setWordWrap(true);
    work->addWidget(notes_);
    work->addStretch(1);
    columns->addLayout(work, 1);
    body_->addLayout(columns, 1);
    connect(list_, &QListWidget::currentRowChanged, this, &BenchMaths::choose);
    list_->setCurrentRow(0);
}

const sums::Sum& BenchMaths::sum() const {
    return sums::all()[std::size_t(std::max(0, list_->currentRow()))];
}

void BenchMaths::refresh() {
    pin_->setVisible(session_.hasJob());
    if (session_.hasJob()) {
        const auto& pinned = session_.job().repair.details.sums;
        for (int row = 0; row < list_->count(); ++row) {
            const auto& sum = sums::all()[std::size_t(row)];
            const auto found =
                std::find_if(pinned.begin(), pinned.end(), [&](const auto& p) { return p.sum == sum.id; });
            list_->item(row)->setText(words(sum.title) + (found == pinned.end() ? QString() : QStringLiteral("  ⚲")));
            if (found != pinned.end() && typed_[sum.id].empty()) {
                for (const auto& asked : sum.asked) {
                    if (const auto value = found->given.find(asked.id); value != found->given.end()) {
                        typed_[sum.id][asked.id] = bareNumber(asked, value->second);
                    }
                }
            }
        }
    }
    choose(list_->currentRow());
}

void BenchMaths::choose(int row) {
    if (row < 0) {
        return;
    }
    clearLayout(rows_);
    fields_.clear();
    formula_->setText(QString::fromStdString(sum().formula));
    constexpr int perLine = 3;
    QHBoxLayout* line = nullptr;
    for (const auto& asked : sum().asked) {
        if (fields_.size() % perLine == 0) {
            line = new QHBoxLayout;
            line->setSpacing(theme::px(10));
            rows_->addLayout(line);
        }
        auto* cell = new QVBoxLayout;
        cell->setSpacing(theme::px(2));
        const QString unit = QString::fromStdString(asked.unitWord);
        auto* label = makeLabel(unit.isEmpty() ? words(asked.name) : tr("%1, %2").arg(words(asked.name), unit),
                                theme::quiet(), "quiet");
        label->setWordWrap(true);
        cell->addWidget(label);
        auto* field = new TypedField(QString::fromStdString("sum_" + asked.id), asked);
        field->setMinimumWidth(theme::px(90));
        field->setText(typed_[sum().id][asked.id]);
        connect(field, &QLineEdit::textEdited, this, [this, id = asked.id](const QString& text) {
            typed_[sum().id][id] = text;
            reckon();
        });
        cell->addWidget(field);
        cell->addStretch(1);
        line->addLayout(cell, 1);
        fields_.push_back(field);
    }
    reckon();
}

void BenchMaths::reckon() {
    sums::Given given;
    QString wrong;
    std::map<std::string, QString> known;
    for (auto* field : fields_) {
        if (const auto value = field->value()) {
            given[field->asked().id] = *value;
            known[field->asked().id] = words(sums::wordsOf(field->asked(), *value));
        } else if (wrong.isEmpty()) {
            wrong = field->problem();
        }
    }
    const auto answer = sums::work(sum(), given);
    QStringList results;
    for (const auto& result : answer.results) {
        results << tr("%1  %2").arg(words(result.name), words(result.words));
        known.try_emplace(result.id, words(result.words));
    }
    const bool isAnswered = answer.missing.empty() && wrong.isEmpty();
    results_->setText(!wrong.isEmpty() ? wrong : isAnswered ? results.join(QLatin1Char('\n')) : words(answer.missing));
    results_->setFont(isAnswered ? theme::reading(20) : theme::body());
    restyle(results_, "tone",
            !wrong.isEmpty() ? QStringLiteral("ember")
            : isAnswered     ? QString()
                             : QStringLiteral("quiet"));
    QStringList notes;
    QStringList assumed;
    for (const auto& one : answer.assumed) {
        assumed << words(one);
    }
    if (!assumed.isEmpty()) {
        notes << tr("Taken as usual: %1.").arg(assumed.join(QStringLiteral(", ")));
    }
    for (const auto& note : answer.notes) {
        notes << words(note);
    }
    notes_->setText(isAnswered ? notes.join(QLatin1Char('\n')) : QString());
    picture_->show(sum().picture, known);
    pin_->setEnabled(isAnswered);
}

void BenchMaths::pin() {
    if (!session_.hasJob() || !pin_->isEnabled()) {
        return;
    }
    job::PinnedSum pinned{sum().id, {}};
    for (auto* field : fields_) {
        if (const auto value = field->value()) {
            pinned.given[field->asked().id] = *value;
        }
    }
    const auto written = session_.edit(tr("Pinned: %1").arg(words(sum().title)), [&](job::Job& job) {
        auto& all = job.repair.details.sums;
        std::erase_if(all, [&](const auto& one) { return one.sum == pinned.sum; });
        all.push_back(pinned);
    });
    if (!written) {
        emit refused(written.problem);
    }
    refresh();
}

/// Enter in the list goes to the first number.
bool BenchMaths::eventFilter(QObject* watched, QEvent* event) {
    if (watched == list_ && event->type() == QEvent::KeyPress && !fields_.empty()) {
        const auto key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Return || key == Qt::Key_Enter || key == Qt::Key_Right) {
            fields_.front()->setFocus();
            return true;
        }
    }
    return Sheet::eventFilter(watched, event);
}

}  // namespace dimglow::app
