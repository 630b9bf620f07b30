#include "app/stations/open_up.h"

#include <QShortcut>
#include <algorithm>
#include <cmath>

#include "app/panels.h"
#include "app/theme.h"
#include "core/backlight/plain.h"
#include "core/hands/layer_line.h"

namespace dimglow::app {

using hands::Adhesive;
using hands::Layer;

namespace {

constexpr int mostPeople = 2;

QString adhesiveWords(Adhesive adhesive) {
    switch (adhesive) {
        case Adhesive::Unsaid:
            return OpenUpStation::tr("glued?");
        case Adhesive::None:
            return OpenUpStation::tr("not stuck");
        case Adhesive::Tape:
            return OpenUpStation::tr("taped");
        case Adhesive::Glue:
            break;
    }
    return OpenUpStation::tr("glued");
}

/// Work up to the glass leaves it where it is.
bool opensPanel(const Layer& layer) {
    return layer.kind >= hands::LayerKind::Glass && layer.kind != hands::LayerKind::Other;
}

}  // namespace

OpenUpStation::OpenUpStation(JobSession& session) : Station(session, QStringLiteral("openUp"), tr("Open up")) {
    makeHead();
    needs_ = makeLabel({}, theme::quiet());
    needs_->setObjectName(QStringLiteral("openingNeeds"));
    needs_->setWordWrap(true);
    body_->addWidget(needs_);
    body_->addWidget(makePictures(), 1);
    entry_ = new LayerEntry(session_);
    foot_->addWidget(entry_);
    connect(entry_, &LayerEntry::stepped, this, &OpenUpStation::step);
    connect(entry_, &LayerEntry::written, this, [this](int layer) { choose(layer); });
    connect(stack_, &StackPicture::chosen, this, &OpenUpStation::choose);
    connect(entry_, &LayerEntry::typed, this, &OpenUpStation::preview);
    connect(entry_, &LayerEntry::pasted, photos_, &PhotoStrip::paste);
    connect(photos_, &PhotoStrip::refused, this, &OpenUpStation::refused);
    auto* file = new QShortcut(QKeySequence(Qt::ALT | Qt::Key_F), this);
    file->setContext(Qt::WidgetWithChildrenShortcut);
    connect(file, &QShortcut::activated, photos_, &PhotoStrip::askForOne);
    auto* off = new QShortcut(QKeySequence(Qt::ALT | Qt::Key_O), this);
    off->setContext(Qt::WidgetWithChildrenShortcut);
    off->setAutoRepeat(false);
    connect(off, &QShortcut::activated, this, &OpenUpStation::takeOff);
    auto* strikes = new QShortcut(QKeySequence(Qt::ALT | Qt::Key_X), this);
    strikes->setContext(Qt::WidgetWithChildrenShortcut);
    strikes->setAutoRepeat(false);
    connect(strikes, &QShortcut::activated, this, &OpenUpStation::strike);
}

void OpenUpStation::makeHead() {
    way_ = addToHead("openingWay", tr("How the LEDs are reached"), Qt::Key_W, [this] { nextWay(); });
    people_ = addToHead("openingPeople", tr("Who lift the glass"), Qt::Key_P, [this] { nextPeople(); });
    adhesive_ = addToHead("openingAdhesive", tr("What holds the glass"), Qt::Key_G, [this] { nextAdhesive(); });
}

QWidget* OpenUpStation::makePictures() {
    auto* whole = new QWidget;
    auto* columns = new QHBoxLayout(whole);
    columns->setContentsMargins(0, 0, 0, 0);
    columns->setSpacing(theme::px(10));
    const auto addCard = [](QLayout* into) {
        auto* card = makeCard("panel");
        auto* rows = new QVBoxLayout(card);
        rows->setContentsMargins(theme::px(14), theme::px(10), theme::px(14), theme::px(10));
        rows->setSpacing(theme::px(6));
        into->addWidget(card);
        return rows;
    };
    auto* left = new QVBoxLayout;
    columns->addLayout(left, 6);
    auto* lies = addCard(left);
    lies->addWidget(makeLabel(tr("As it lies"), theme::strong()));
    auto* head = new QVBoxLayout;  // one above the other: their words are long
    layout_ = makeButton(tr("usual layers"), tr("Alt+L"));
    earlier_ = makeButton(tr("as last time"), tr("Alt+E"));
    for (const auto& [button, key, name] :
         {std::tuple(layout_, Qt::Key_L, "usualLayers"), {earlier_, Qt::Key_E, "asLastTime"}}) {
        button->setFocusPolicy(Qt::NoFocus);
        button->setObjectName(QString::fromLatin1(name));
        head->addWidget(button);
        auto* shortcut = new QShortcut(QKeySequence(int(Qt::ALT) | int(key)), this);
        shortcut->setContext(Qt::WidgetWithChildrenShortcut);
        connect(shortcut, &QShortcut::activated, button, &QPushButton::click);
    }
    connect(layout_, &QPushButton::clicked, this, &OpenUpStation::startWithLayout);
    connect(earlier_, &QPushButton::clicked, this, &OpenUpStation::startWithEarlier);
    lies->addLayout(head);
    stack_ = new StackPicture;
    stack_->setObjectName(QStringLiteral("layers"));
    lies->addWidget(stack_, 1);
    auto* right = new QVBoxLayout;
    right->setSpacing(theme::px(10));
    columns->addLayout(right, 5);
    auto* layer = addCard(right);
    auto* title = new QHBoxLayout;
    layerTitle_ = makeLabel({}, theme::strong());
    layerTitle_->setObjectName(QStringLiteral("layerTitle"));
    title->addWidget(layerTitle_, 1);
    off_ = makeButton({}, {});
    off_->setObjectName(QStringLiteral("takeOff"));
    off_->setFocusPolicy(Qt::NoFocus);
    connect(off_, &QPushButton::clicked, this, &OpenUpStation::takeOff);
    title->addWidget(off_);
    layer->addLayout(title);
    layer_ = new LayerPicture;
    layer->addWidget(layer_, 1);
    photos_ = new PhotoStrip(session_);
    layer->addWidget(photos_);
    auto* out = addCard(right);
    out->addWidget(makeLabel(tr("Out and not yet in"), theme::strong()));
    out_ = makeLabel({}, theme::body());
    out_->setObjectName(QStringLiteral("outAndNotIn"));
    out_->setWordWrap(true);
    out->addWidget(out_);
    return whole;
}

void OpenUpStation::choose(int layer) {
    current_ = layer;
    refresh();
}

void OpenUpStation::step(int by) {
    const auto& layers = session_.job().opening.layers;
    if (layers.empty()) {
        return;
    }
    const auto at = std::find_if(layers.begin(), layers.end(), [this](const auto& one) { return one.id == current_; });
    const auto place = at == layers.end()
                           ? 0
                           : std::clamp<std::ptrdiff_t>(at - layers.begin() + by, 0, std::ptrdiff_t(layers.size()) - 1);
    choose(layers[std::size_t(place)].id);
}

QString OpenUpStation::toOrder() const {
    const auto& plan = assessment().plan;
    const auto wanted = !job().repair.option.empty() ? job().repair.option : plan.advised;
    const auto option =
        std::find_if(plan.options.begin(), plan.options.end(), [&](const auto& one) { return one.id == wanted; });
    const auto* kind = session_.trade().repair(wanted);
    const bool waits = option != plan.options.end() && kind != nullptr && kind->opensPanel && option->days > 0;
    return waits ? tr("%1: its parts take %2. Order them before the first screw; Alt+O once more opens it now.")
                       .arg(words(option->title),
                            language::counted(std::lround(option->days), tr("1 day"), tr("%1 days")))
                 : QString();
}

void OpenUpStation::takeOff() {
    const auto* layer = current();
    if (layer == nullptr) {
        emit refused(tr("Write down what comes off first: back: 14 × M3×8."));
        return;
    }
    if (layer->state == Layer::State::Off) {
        emit refused(tr("It goes back at Prove, where every count is checked."));
        return;
    }
    const auto& layers = session_.job().opening.layers;
    const bool isFirst =
        std::all_of(layers.begin(), layers.end(), [](const auto& one) { return one.state == Layer::State::On; });
    const QString order = (isFirst || opensPanel(*layer)) && !job().panelOpen ? toOrder() : QString();
    if (!order.isEmpty() && !isAsked_) {
        isAsked_ = true;
        emit refused(order);
        return;
    }
    const auto at = std::find_if(layers.begin(), layers.end(), [this](const auto& one) { return one.id == current_; });
    const int next = at + 1 == layers.end() ? current_ : (at + 1)->id;
    if (tell(session_.edit(tr("%1 off").arg(words(hands::wordsOf(*layer))),
                           [id = current_, opens = opensPanel(*layer)](job::Job& job) {
                               hands::takeOff(job.opening, id, isoNow());
                               job.panelOpen = job.panelOpen || opens;
                           }))) {
        choose(next);
    }
}

void OpenUpStation::strike() {
    const auto* layer = current();
    if (layer == nullptr || (layer->items.empty() && layer->state == Layer::State::Off)) {
        return;
    }
    tell(session_.edit(tr("Struck out"),
                       [layer = layer->id, item = layer->items.empty() ? 0 : layer->items.back().id](job::Job& job) {
                           item > 0 ? hands::removeItem(job.opening, item) : hands::removeLayer(job.opening, layer);
                       }));
    refresh();
}

void OpenUpStation::startWithLayout() {
    const auto& trade = session_.trade().hands;
    const auto plain = backlight::plainDescriptionOf(job().set.backlight);
    const bool isEdge = plain && plain->edge != backlight::PlainDescription::Edge::None;
    const auto* usual = trade.layout(job().set.lightKind() == set::LightKind::Lamps ? "lampLit"
                                     : isEdge                                       ? "edgeLit"
                                                                                    : "directLit");
    if (usual == nullptr || !session_.job().opening.layers.empty()) {
        return;
    }
    if (tell(session_.edit(tr("Usual layers"), [usual](job::Job& job) {
            for (const auto& line : usual->lines) {
                const auto said = hands::readLayerLine(line);
                hands::add(job.opening, std::get<hands::LayerLine>(said), 0);
            }
        }))) {
        choose(session_.job().opening.layers.front().id);
    }
}

/// The layers of the last set with this panel, as they were written down then: nothing of it is off, nothing counted.
void OpenUpStation::startWithEarlier() {
    const auto last = session_.lastOfPanel();
    if (!session_.job().opening.layers.empty()) {
        return;
    }
    if (!last || last->opening.layers.empty()) {
        emit refused(tr("No earlier job of this panel has its layers written down."));
        return;
    }
    if (tell(session_.edit(tr("Layers as in %1").arg(QString::fromStdString(last->id)), [&](job::Job& job) {
            for (Layer layer : last->opening.layers) {
                layer.id = job.opening.nextId++;
                layer.state = Layer::State::On;
                for (auto& item : layer.items) {
                    item = {job.opening.nextId++, item.what, item.count, item.size, item.head, item.place, item.words,
                            item.notch,           item.side, item.lines, 0,         0,         {},         {}};
                }
                job.opening.layers.push_back(std::move(layer));
            }
            job.opening.way = last->opening.way;
        }))) {
        choose(session_.job().opening.layers.front().id);
    }
}

void OpenUpStation::nextWay() {
    const auto& ways = session_.trade().hands.ways;
    const auto at = std::find_if(ways.begin(), ways.end(),
                                 [this](const auto& way) { return way.id == session_.job().opening.way; });
    const std::string next = at == ways.end() ? ways.front().id : at + 1 == ways.end() ? std::string() : (at + 1)->id;
    tell(session_.edit(tr("Way of opening"), [next](job::Job& job) { job.opening.way = next; }));
}

void OpenUpStation::nextPeople() {
    tell(session_.edit(tr("People"),
                       [](job::Job& job) { job.opening.people = (job.opening.people + 1) % (mostPeople + 1); }));
}

void OpenUpStation::nextAdhesive() {
    tell(session_.edit(tr("Adhesive"), [](job::Job& job) {
        job.opening.adhesive = Adhesive((int(job.opening.adhesive) + 1) % (int(Adhesive::Glue) + 1));
    }));
}

void OpenUpStation::showWay() {
    const auto& trade = session_.trade().hands;
    const auto& opening = session_.job().opening;
    const auto* chosen = trade.way(opening.way);
    const auto& way = chosen == nullptr ? trade.ways.front() : *chosen;
    const auto cost = hands::openingCost(opening, trade, job().set.diagonalInches());
    way_->setText((chosen == nullptr ? tr("which way?") : words(way.title)) + QStringLiteral("   ") + tr("Alt+W"));
    people_->setText((opening.people == 0   ? tr("alone?")
                      : opening.people == 1 ? tr("alone")
                                            : tr("two people")) +
                     QStringLiteral("   ") + tr("Alt+P"));
    adhesive_->setText(adhesiveWords(opening.adhesive) + QStringLiteral("   ") + tr("Alt+G"));
    QStringList needs;
    for (const auto& need : way.needs) {
        needs << words(need);
    }
    setSubtitle(tr("What comes out is counted; Prove counts it in. This way takes about %1 min and breaks the glass in "
                   "%2 %.")
                    .arg(cost.minutes, 0, 'f', 0)
                    .arg(number(100 * cost.breaks, 1)));
    needs_->setText(tr("%1 Needs %2.").arg(words(way.say), needs.join(QStringLiteral(", "))));
    needs_->setVisible(!job().panelOpen);  // what it needs is at hand, or it is too late
}

void OpenUpStation::showOut() {
    QStringList out;
    for (const auto& sort : hands::outAndNotIn(session_.job().opening)) {
        if (sort.out > 0) {
            out << QStringLiteral("%1 %2").arg(words(sort.what)).arg(sort.out);
        }
    }
    out_->setText(out.isEmpty() ? tr("Nothing.") : out.join(QStringLiteral(" · ")));
}

void OpenUpStation::showJob() {
    const auto& opening = session_.job().opening;
    if (opening.layer(current_) == nullptr) {
        const auto on = std::find_if(opening.layers.begin(), opening.layers.end(),
                                     [](const auto& layer) { return layer.state != Layer::State::Off; });
        current_ = on != opening.layers.end() ? on->id : opening.layers.empty() ? 0 : opening.layers.back().id;
    }
    showWay();
    showOut();
    stack_->show(opening, current_);
    layout_->setVisible(opening.layers.empty());
    earlier_->setVisible(opening.layers.empty());
    const auto* layer = current();
    off_->setText((layer != nullptr && layer->state == Layer::State::Off ? tr("out ✓") : tr("Take it off")) +
                  QStringLiteral("   ") + tr("Alt+O"));
    off_->setEnabled(layer != nullptr && layer->state != Layer::State::Off);
    photos_->show("layer:" + std::to_string(current_));
    photos_->setVisible(layer != nullptr);
    entry_->setCurrent(current_);  // which shows the layer, with what is half typed
}

void OpenUpStation::showLayer(const Layer* layer) {
    layerTitle_->setText(layer == nullptr ? tr("No layer yet") : words(hands::wordsOf(*layer)));
    if (layer == nullptr) {
        layer_->showNothing();
    } else {
        layer_->show(*layer);
    }
}

void OpenUpStation::preview(const std::optional<hands::LayerLine>& said) {
    auto opening = session_.job().opening;
    const int layer = said ? hands::add(opening, *said, current_) : current_;
    showLayer(opening.layer(layer));
}

void OpenUpStation::enter() {
    isAsked_ = false;
    entry_->field()->setFocus();
}

std::vector<KeyHint> OpenUpStation::keys() const {
    return {{tr("↑ ↓"), tr("layer")},
            {tr("Alt+O"), tr("take off")},
            {tr("Alt+X"), tr("strike out")},
            {tr("Ctrl+V"), tr("picture")}};
}

bool OpenUpStation::isDone(const Snapshot& shown) {
    const auto& layers = shown.job.opening.layers;
    return std::any_of(layers.begin(), layers.end(), [](const auto& layer) { return layer.state != Layer::State::On; });
}

}  // namespace dimglow::app
