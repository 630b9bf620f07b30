#include "app/photo_strip.h"

#include <QBuffer>
#include <QClipboard>
#include <QDialog>
#include <QGuiApplication>
#include <QImage>
#include <QScreen>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>
#include <exception>

#include "app/ask_file.h"
#include "app/panels.h"
#include "app/theme.h"
#include "diary/diary.h"
#include "records/files.h"

namespace dimglow::app {

namespace {

constexpr double thumbWidth = 88;
constexpr double thumbHeight = 56;
constexpr std::size_t mostShown = 4;
constexpr qint64 longestFile = 64 << 20;

}  // namespace

PhotoStrip::PhotoStrip(JobSession& session, QWidget* parent) : QFrame(parent), session_(session) {
    row_ = new QHBoxLayout(this);
    row_->setContentsMargins(0, 0, 0, 0);
    row_->setSpacing(theme::px(6));
    setAccessibleName(tr("Pictures"));
}

void PhotoStrip::show(const std::string& of) {
    of_ = of;
    std::vector<const hands::Photo*> here;
    const auto& photos = session_.job().opening.photos;
    for (const auto& photo : photos) {
        if (photo.of == of) {
            here.push_back(&photo);
        }
    }
    const QSize size(theme::px(thumbWidth), theme::px(thumbHeight));
    QStringList wanted = {QString::fromStdString(of), QString::number(size.width())};
    for (const auto* photo : here) {
        wanted << QString::fromStdString(photo->name);
    }
    if (wanted == shown_) {
        return;
    }
    shown_ = wanted;
    clearLayout(row_);
    for (std::size_t i = here.size() - std::min(mostShown, here.size()); i < here.size(); ++i) {
        auto* thumb = new QToolButton;
        thumb->setFocusPolicy(Qt::NoFocus);
        thumb->setFixedSize(size);
        thumb->setObjectName(QStringLiteral("photo%1").arg(i));
        const auto bytes = session_.photos().read(here[i]->name);
        QPixmap picture;
        if (bytes && picture.loadFromData(*bytes)) {
            thumb->setIcon(picture.scaled(size, Qt::KeepAspectRatioByExpanding, Qt::SmoothTransformation));
            thumb->setIconSize(size);
            setPlainToolTip(thumb, QString::fromStdString(here[i]->words));
            connect(thumb, &QToolButton::clicked, this, [this, name = here[i]->name] { open(name); });
        } else {
            thumb->setText(tr("picture\ngone"));
            setPlainToolTip(thumb, tr("It is not in %1.").arg(session_.photos().folder()));
        }
        row_->addWidget(thumb);
    }
    auto* add = makeButton(here.size() > mostShown ? tr("Picture (%1)").arg(here.size()) : tr("Picture"), tr("Alt+F"));
    add->setFocusPolicy(Qt::NoFocus);
    add->setObjectName(QStringLiteral("addPhoto"));
    setPlainToolTip(add, tr("From a file; Ctrl+V takes one that was copied."));
    connect(add, &QPushButton::clicked, this, &PhotoStrip::askForOne);
    row_->addWidget(add);
    row_->addStretch(1);
}

void PhotoStrip::add(const QByteArray& picture) {
    try {
        const std::string name = session_.photos().keep(picture);
        const auto written = session_.edit(tr("Picture"), [&](job::Job& job) {
            job.opening.photos.push_back({name, of_, isoNow()});
        });
        if (!written) {
            emit refused(written.problem);
        }
        show(of_);
    } catch (const std::exception& problem) {
        diary::caught("picture", problem);
        emit refused(QString::fromUtf8(problem.what()));
    }
}

void PhotoStrip::paste() {
    if (const QImage picture = QGuiApplication::clipboard()->image(); !picture.isNull()) {
        QByteArray bytes;
        QBuffer buffer(&bytes);
        picture.save(&buffer, "PNG");
        add(bytes);
    }
}

void PhotoStrip::askForOne() {
    askForFileToOpen(this, {tr("A picture of the set"), tr("Pictures (*.png *.jpg *.jpeg *.webp *.bmp)")},
                     [this](const QString& path) {
                         try {
                             add(records::readWhole(path, longestFile));
                         } catch (const std::exception& problem) {
                             diary::caught("picture: file", problem);
                             emit refused(QString::fromUtf8(problem.what()));
                         }
                     });
}

/// As large as the screen allows, until a key or a click.
void PhotoStrip::open(const std::string& name) {
    const auto bytes = session_.photos().read(name);
    QPixmap picture;
    if (!bytes || !picture.loadFromData(*bytes)) {
        return;
    }
    auto* dialog = new QDialog(window());
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->setWindowTitle(tr("Picture"));
    auto* rows = new QVBoxLayout(dialog);
    auto* label = new QLabel;
    const QSize room = screen()->availableGeometry().size() * 0.8;
    label->setPixmap(picture.scaled(picture.size().boundedTo(room), Qt::KeepAspectRatio, Qt::SmoothTransformation));
    rows->addWidget(label);
    dialog->open();
}

}  // namespace dimglow::app
