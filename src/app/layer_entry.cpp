#include "app/layer_entry.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QMimeData>
#include <QVBoxLayout>

#include "app/field_note.h"
#include "app/panels.h"
#include "app/stations/station.h"
#include "app/theme.h"
#include "app/typed.h"

namespace dimglow::app {

namespace {

/// A line as it was heard: "back · 14 × M3×8, around the edge · 2 × clips, upper edge".
QString heard(const hands::LayerLine& said) {
    QStringList parts;
    if (said.kind) {
        parts << words(hands::wordsOf(hands::Layer{0, *said.kind, said.name, {}, {}}));
    }
    for (const auto& item : said.items) {
        parts << words(hands::wordsOf(item));
    }
    return parts.join(QStringLiteral(" · "));
}

}  // namespace

LayerEntry::LayerEntry(JobSession& session, QWidget* parent) : QFrame(parent), session_(session) {
    setProperty("card", "panel");
    auto* rows = new QVBoxLayout(this);
    rows->setContentsMargins(theme::px(14), theme::px(9), theme::px(14), theme::px(9));
    rows->setSpacing(theme::px(5));
    auto* line = new QHBoxLayout;
    field_ = makeField(QStringLiteral("layerLine"), tr("What comes off, in one line"),
                       tr("back: 14 × M3×8 edge, 4 × M4×12 stand; 2 clips top"), theme::reading(17));
    field_->installEventFilter(this);
    line->addWidget(field_, 1);
    auto* write = makeButton(tr("Write down"), tr("Enter"));
    write->setFocusPolicy(Qt::NoFocus);
    line->addWidget(write);
    rows->addLayout(line);
    heard_ = makeLabel({}, theme::quiet(), "good");
    heard_->setObjectName(QStringLiteral("layerHeard"));
    heard_->setWordWrap(true);
    heard_->setMinimumHeight(theme::px(18));
    rows->addWidget(heard_);
    connect(write, &QPushButton::clicked, this, &LayerEntry::commit);
    connect(field_, &QLineEdit::returnPressed, this, &LayerEntry::commit);
    connect(field_, &QLineEdit::textChanged, this, &LayerEntry::sayHow);
    sayHow();
}

void LayerEntry::setCurrent(int layer) {
    current_ = layer;
    sayHow();
}

void LayerEntry::sayHow() {
    const auto* layer = session_.hasJob() ? session_.job().opening.layer(current_) : nullptr;
    const auto read = typed::layer(field_->text());
    const auto* said = std::get_if<hands::LayerLine>(&read);
    const bool isTyping = !field_->text().trimmed().isEmpty();
    restyle(heard_, "tone", isTyping && said != nullptr ? QStringLiteral("good") : QStringLiteral("quiet"));
    heard_->setText(isTyping && said != nullptr ? heard(*said)
                    : layer != nullptr
                        ? tr("Without a layer in front it is about: %1.").arg(words(hands::wordsOf(*layer)))
                        : tr("Layer, colon, what holds it: screws by size and place, clips, plugs, cables, films."));
    emit typed(isTyping && said != nullptr ? std::optional(*said) : std::nullopt);
}

void LayerEntry::commit() {
    if (field_->text().trimmed().isEmpty()) {
        return;
    }
    const auto read = typed::layer(field_->text());
    if (const auto* problem = std::get_if<typing::LineProblem>(&read)) {
        refuse(field_, inWords(*problem));
        return;
    }
    const auto& said = std::get<hands::LayerLine>(read);
    if (!said.kind && session_.job().opening.layer(current_) == nullptr) {
        refuse(field_, tr("Say which layer it is first: back: 14 × M3×8"));
        return;
    }
    int layer = 0;
    const auto done = session_.edit(tr("Layer written down"),
                                    [&](job::Job& job) { layer = hands::add(job.opening, said, current_); });
    if (!done) {
        refuse(field_, done.problem);
        return;
    }
    accept(field_);
    field_->setText({});  // nothing of it is left to be taken back here
    emit written(layer);
}

void LayerEntry::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) {
        emit left();
    } else {
        QFrame::keyPressEvent(event);
    }
}

bool LayerEntry::eventFilter(QObject* watched, QEvent* event) {
    if (watched == field_ && event->type() == QEvent::KeyPress) {
        auto* key = static_cast<QKeyEvent*>(event);
        if (key->key() == Qt::Key_Up || key->key() == Qt::Key_Down) {
            emit stepped(key->key() == Qt::Key_Up ? -1 : 1);
            return true;
        }
        const auto* clipboard = QGuiApplication::clipboard()->mimeData();
        if (key->matches(QKeySequence::Paste) && clipboard != nullptr && clipboard->hasImage()) {
            emit pasted();
            return true;
        }
    }
    return QFrame::eventFilter(watched, event);
}

}  // namespace dimglow::app
