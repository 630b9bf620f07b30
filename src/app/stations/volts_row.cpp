#include "app/stations/volts_row.h"

#include <QHBoxLayout>
#include <QKeyEvent>

#include "app/field_note.h"
#include "app/theme.h"

namespace dimglow::app {

VoltsRow::VoltsRow(const QString& title, const QString& how, Take take, QWidget* parent)
    : QFrame(parent), take_(std::move(take)), howWords_(how) {
    setProperty("card", "true");
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(theme::px(14), theme::px(4), theme::px(10), theme::px(4));
    row->setSpacing(theme::px(12));
    auto* names = new QVBoxLayout;
    names->setSpacing(0);
    names->addWidget(makeLabel(title, theme::strong()));
    how_ = makeLabel(how, theme::quiet(), "quiet");
    how_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    setPlainToolTip(how_, how);
    names->addWidget(how_);
    row->addLayout(names, 1);
    field_ = new QLineEdit;
    field_->setFont(theme::reading(17));
    field_->setFixedWidth(theme::px(112));
    field_->setPlaceholderText(tr("volts"));
    field_->setAccessibleName(title);
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
    connect(field_, &QLineEdit::textEdited, this, &VoltsRow::explain);
    connect(field_, &QLineEdit::returnPressed, this, &VoltsRow::commit);
}

void VoltsRow::setExpected(const std::optional<driver::Band>& band) {
    band_ = band;
    expected_->setText(band ? tr("expect %L1 … %L2 V").arg(band->low, 0, 'f', 1).arg(band->high, 0, 'f', 1)
                            : tr("not known yet"));
}

void VoltsRow::setReading(const std::optional<evidence::Measured>& reading, const QString& words, bool within) {
    value_->setText(reading ? words : QString());
    value_->setFont(theme::reading(words.size() > 9 ? 16 : 20));
    glyph_->setVisible(reading && band_);
    if (reading && band_) {
        glyph_->show(*band_, reading->volts, within);
    }
}

void VoltsRow::setAllowed(bool allowed) {
    field_->setEnabled(allowed);
}

void VoltsRow::explain() {
    accept(field_);
    const auto typed = job::readTypedVolts(field_->text().toStdString());
    if (const auto* reading = std::get_if<job::TypedVolts>(&typed)) {
        switch (reading->shape) {
            case evidence::Shape::Steady:
                how_->setText(tr("steady at %1 V").arg(reading->volts));
                break;
            case evidence::Shape::PeakThenSettles:
                how_->setText(tr("peaks at %1 V, settles at %2 V").arg(reading->volts).arg(reading->restVolts));
                break;
            case evidence::Shape::Wanders:
                how_->setText(tr("wanders from %1 to %2 V").arg(reading->restVolts).arg(reading->volts));
                break;
        }
    } else {
        how_->setText(howWords_);
    }
}

void VoltsRow::commit() {
    const auto typed = job::readTypedVolts(field_->text().toStdString());
    if (const auto* problem = std::get_if<text::Text>(&typed)) {
        refuse(field_, words(*problem));
        return;
    }
    if (const auto written = take_(std::get<job::TypedVolts>(typed), field_->text()); !written) {
        refuse(field_, written.problem);
        return;
    }
    accept(field_);
    field_->clear();
    how_->setText(howWords_);
}

bool VoltsRow::eventFilter(QObject* watched, QEvent* event) {
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
