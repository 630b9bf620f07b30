#include "app/stations/reading_row.h"

#include <QHBoxLayout>
#include <QKeyEvent>

#include "app/field_note.h"
#include "app/theme.h"

namespace dimglow::app {

ReadingRow::ReadingRow(const Asks& asks, QWidget* parent) : QFrame(parent), asks_(asks) {
    setProperty("card", "true");
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(theme::px(14), theme::px(4), theme::px(10), theme::px(4));
    row->setSpacing(theme::px(12));
    auto* names = new QVBoxLayout;
    names->setSpacing(0);
    names->addWidget(makeLabel(asks.title, theme::strong()));
    how_ = makeLabel(asks.how, theme::quiet(), "quiet");
    how_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    setPlainToolTip(how_, asks.how);
    names->addWidget(how_);
    row->addLayout(names, 1);
    field_ = new QLineEdit;
    field_->setFont(theme::reading(17));
    field_->setFixedWidth(theme::px(112));
    field_->setPlaceholderText(asks.example);
    field_->setAccessibleName(asks.title);
    field_->installEventFilter(this);
    row->addWidget(field_);
    auto* right = new QVBoxLayout;
    right->setSpacing(0);
    value_ = makeLabel({}, theme::reading(20));
    value_->setMinimumWidth(theme::px(96));
    expected_ = makeLabel({}, theme::quiet(), "quiet");
    right->addWidget(value_);
    right->addWidget(expected_);
    auto* reading = new QWidget;
    reading->setFixedWidth(theme::px(172));
    reading->setLayout(right);
    right->setContentsMargins(0, 0, 0, 0);
    row->addWidget(reading);
    glyph_ = new BandGlyph;
    auto keep = glyph_->sizePolicy();
    keep.setRetainSizeWhenHidden(true);
    glyph_->setSizePolicy(keep);
    row->addWidget(glyph_);
    connect(field_, &QLineEdit::textEdited, this, &ReadingRow::explain);
    connect(field_, &QLineEdit::returnPressed, this, &ReadingRow::commit);
}

void ReadingRow::setExpected(const std::optional<driver::Band>& band) {
    band_ = band;
    expected_->setText(band          ? tr("expect %L1 … %L2 V").arg(band->low, 0, 'f', 1).arg(band->high, 0, 'f', 1)
                       : asks_.volts ? tr("not known yet")
                                     : QString());
}

void ReadingRow::setReading(const std::optional<double>& volts, const QString& words, bool within) {
    value_->setText(words);
    value_->setFont(theme::reading(words.size() > 9 ? 16 : 20));
    restyle(value_, "tone", words.isEmpty() || within ? "" : "ember");
    glyph_->setVisible(volts && band_);
    if (volts && band_) {
        glyph_->show(*band_, *volts, within);
    }
}

void ReadingRow::setAllowed(bool allowed) {
    field_->setEnabled(allowed);
}

void ReadingRow::explain() {
    accept(field_);
    const QString understood = asks_.understand(field_->text());
    how_->setText(understood.isEmpty() ? asks_.how : understood);
}

void ReadingRow::commit() {
    if (const QString problem = asks_.take(field_->text()); !problem.isEmpty()) {
        refuse(field_, problem);
        return;
    }
    accept(field_);
    field_->setText({});
    how_->setText(asks_.how);
}

bool ReadingRow::eventFilter(QObject* watched, QEvent* event) {
    if (watched == field_ && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Up || key == Qt::Key_Down) {
            emit stepped(key == Qt::Key_Down ? 1 : -1);
            return true;
        }
    }
    return QFrame::eventFilter(watched, event);
}

}  // namespace dimglow::app
