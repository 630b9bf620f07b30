#include "app/charge_row.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/typed.h"

namespace dimglow::app {

using makesafe::State;

namespace {

constexpr double leastVolts = 0.5;
constexpr double mostVolts = 500;

/// A shape beside the words: states differ without colour.
QString shapeOf(State state) {
    switch (state) {
        case State::NotKnown:
            return QStringLiteral("?");
        case State::Charged:
            return QStringLiteral("▲");
        case State::Touch:
            return QStringLiteral("◐");
        case State::Ready:
            break;
    }
    return QStringLiteral("○");
}

const char* toneOf(State state) {
    return state == State::Ready ? "good" : state == State::Touch ? "idle" : "ember";
}

}  // namespace

ChargeGlyph::ChargeGlyph(QWidget* parent) : QWidget(parent) {
    setMinimumWidth(theme::px(80));
    setFixedHeight(theme::px(46));
}

QSize ChargeGlyph::sizeHint() const {
    return {theme::px(260), theme::px(46)};
}

void ChargeGlyph::show(const makesafe::Charge& charge) {
    charge_ = charge;
    update();
}

double ChargeGlyph::placeOf(double volts) const {
    const double share =
        std::log(std::clamp(volts, leastVolts, mostVolts) / leastVolts) / std::log(mostVolts / leastVolts);
    return 1 + share * (width() - 2);
}

void ChargeGlyph::paintEvent(QPaintEvent*) {
    const auto& p = theme::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF bar(0.5, theme::px(4), width() - 1.0, theme::px(16));
    painter.setPen(QPen(p.line, 1));
    painter.setBrush(p.raised);
    painter.drawRoundedRect(bar, 3, 3);
    const bool isKnown = charge_.volts.has_value();
    const QColor tone = charge_.state == State::Ready ? p.good : charge_.state == State::Touch ? p.idle : p.ember;
    const double end = placeOf(isKnown ? *charge_.volts : charge_.mostVolts);
    painter.setPen(Qt::NoPen);
    painter.setBrush(isKnown ? QBrush(tone) : QBrush(tone, Qt::BDiagPattern));
    painter.drawRoundedRect(QRectF(bar.left(), bar.top(), std::max(2.0, end - bar.left()), bar.height()), 3, 3);
    painter.setFont(theme::quiet());
    for (const double mark : {safety::readyVolts, safety::touchVolts}) {
        const double x = placeOf(mark);
        painter.setPen(QPen(p.text, 1.5));
        painter.drawLine(QPointF(x, bar.top() - 3), QPointF(x, bar.bottom() + 3));
        painter.setPen(p.quiet);
        painter.drawText(QRectF(x - 40, bar.bottom() + 2, 80, height() - bar.bottom()), Qt::AlignHCenter | Qt::AlignTop,
                         QStringLiteral("%1 V").arg(mark));
    }
}

ChargeRow::ChargeRow(const QString& store, QWidget* parent) : QFrame(parent), store_(store) {
    setProperty("card", QStringLiteral("panel"));
    auto* line = new QHBoxLayout(this);
    line->setContentsMargins(theme::px(12), theme::px(8), theme::px(12), theme::px(8));
    line->setSpacing(theme::px(10));
    auto* names = new QVBoxLayout;
    names->setSpacing(theme::px(1));
    title_ = makeLabel({}, theme::strong());
    title_->setWordWrap(true);
    title_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);  // the columns of all rows stand alike
    holds_ = makeLabel({}, theme::quiet(), "quiet");
    holds_->setWordWrap(true);
    names->addWidget(title_);
    names->addWidget(holds_);
    line->addLayout(names, 5);
    glyph_ = new ChargeGlyph;
    line->addWidget(glyph_, 4);
    field_ = makeField(QStringLiteral("residual:") + store, tr("Residual, V"), tr("volts"), theme::reading(17));
    field_->setMinimumWidth(theme::px(96));
    field_->installEventFilter(this);
    explainTyping(field_, [](const QString& text) {
        return typed::orNothing(typed::number(text, {0, 2000, job::Unit::Volts}), job::Unit::Volts);
    });
    connect(field_, &QLineEdit::returnPressed, this, &ChargeRow::commit);
    auto* hands = new QVBoxLayout;
    hands->setSpacing(theme::px(4));
    hands->addWidget(field_);
    line->addLayout(hands);
    resistor_ = makeButton(tr("stays on"), tr("Alt+R"));
    resistor_->setObjectName(QStringLiteral("stays:") + store);
    resistor_->setCheckable(true);
    resistor_->setFocusPolicy(Qt::NoFocus);
    resistor_->setToolTip(tr("It stays across the capacitor: nothing rebounds, and what was measured does not fade."));
    connect(resistor_, &QPushButton::clicked, this, &ChargeRow::resistorToggled);
    hands->addWidget(resistor_);
    auto* says = new QVBoxLayout;
    says->setSpacing(theme::px(1));
    state_ = makeLabel({}, theme::reading(17));
    state_->setObjectName(QStringLiteral("charge:") + store);
    because_ = makeLabel({}, theme::quiet(), "quiet");
    because_->setWordWrap(true);
    says->addWidget(state_);
    says->addWidget(because_);
    line->addLayout(says, 4);
}

void ChargeRow::show(const makesafe::Charge& charge, bool resistorStays) {
    title_->setText(words(charge.title));
    const QString farads = QStringLiteral("%L1 µF").arg(1e6 * charge.farads, 0, 'f', 0);
    holds_->setText(tr("up to %L1 V, %2%3: %L4 J%5")
                        .arg(charge.mostVolts, 0, 'f', 0)
                        .arg(charge.isFaradsRead ? QString() : tr("say "), farads)
                        .arg(safety::joulesOf(charge.farads, charge.mostVolts), 0, 'f', 1)
                        .arg(charge.isHot ? tr(" · black on the hot minus") : tr(" · black on the chassis")));
    glyph_->show(charge);
    state_->setText(shapeOf(charge.state) + QStringLiteral("  ") + words(makesafe::wordsOf(charge.state)));
    restyle(state_, "tone", QString::fromLatin1(toneOf(charge.state)));
    QString because = words(charge.because);
    if (charge.secondsToTouch && *charge.secondsToTouch > 0) {
        because +=
            QLatin1Char(' ') + tr("At %L1 V in %L2 s.").arg(safety::touchVolts).arg(*charge.secondsToTouch, 0, 'f', 0);
    }
    if (charge.learntFarads) {
        because += QLatin1Char(' ') + tr("It has about %L1 µF.").arg(1e6 * *charge.learntFarads, 0, 'f', 0);
    }
    because_->setText(because);
    resistor_->setChecked(resistorStays);
    setAccessibleName(title_->text() + QStringLiteral(": ") + state_->text());
}

void ChargeRow::commit() {
    if (field_->text().trimmed().isEmpty()) {
        emit stepped(1);
        return;
    }
    const auto read = typed::number(field_->text(), {0, 2000, job::Unit::Volts});
    if (const auto* problem = std::get_if<text::Text>(&read)) {
        refuse(field_, words(*problem));
        return;
    }
    emit measured(std::get<double>(read));
}

bool ChargeRow::eventFilter(QObject* watched, QEvent* event) {
    if (watched == field_ && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Up || key == Qt::Key_Down) {
            emit stepped(key == Qt::Key_Up ? -1 : 1);
            return true;
        }
    }
    return QFrame::eventFilter(watched, event);
}

}  // namespace dimglow::app
