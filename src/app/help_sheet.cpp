#include "app/help_sheet.h"

#include <QCoreApplication>
#include <QFile>
#include <QPushButton>
#include <QTextBlock>
#include <QTextList>

#include "app/panels.h"
#include "app/stations/stations.h"
#include "app/theme.h"
#include "diary/diary.h"

namespace dimglow::app {

namespace {

QString fileIn(const QString& folder, const QString& name) {
    QFile file(QStringLiteral(":/manual/%1/%2.md").arg(folder, name));
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
}

/// In the reader's language where there is such a page.
QString pageOf(const QString& name) {
    const QString german =
        language::tongue() == typing::Tongue::German ? fileIn(QStringLiteral("de"), name) : QString();
    return german.isEmpty() ? fileIn(QStringLiteral("en"), name) : german;
}

}  // namespace

HelpSheet::HelpSheet(QWidget* under) : Sheet(tr("Help"), under) {
    auto* about = makeButton(tr("About Dim Glow"), tr("Alt+I"));
    about->setObjectName(QStringLiteral("about"));
    about->setFocusPolicy(Qt::NoFocus);
    connect(about, &QPushButton::clicked, this, [this] { write(aboutText()); });
    on(QKeySequence(Qt::ALT | Qt::Key_I), [this] { write(aboutText()); });
    head_->insertWidget(2, about);
    auto* columns = new QHBoxLayout;
    columns->setSpacing(theme::px(16));
    auto* left = new QVBoxLayout;
    search_ = makeField(QStringLiteral("searchHelp"), tr("Search the manual"), tr("Search the manual"));
    left->addWidget(search_);
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("helpPages"));
    list_->setAccessibleName(tr("Pages"));
    list_->setFont(theme::body());
    list_->setWordWrap(true);
    list_->setMinimumWidth(theme::px(200));
    list_->setMaximumWidth(theme::px(260));
    for (const auto& kind : stationKinds()) {
        list_->addItem(kind.title(set::LightKind::Leds));
        pages_ << pageOf(QString::fromLatin1(kind.id));
    }
    left->addWidget(list_, 1);
    columns->addLayout(left);
    text_ = new QTextBrowser;
    text_->setObjectName(QStringLiteral("helpText"));
    text_->setFont(theme::body());
    text_->setOpenLinks(false);
    columns->addWidget(text_, 1);
    body_->addLayout(columns, 1);
    connect(list_, &QListWidget::currentRowChanged, this, &HelpSheet::show);
    connect(search_, &QLineEdit::textChanged, this, &HelpSheet::search);
    connect(search_, &QLineEdit::returnPressed, this, [this] { list_->setFocus(); });
}

void HelpSheet::openAt(const std::string& station, const std::vector<KeyHint>& keys) {
    station_ = station;
    keys_ = keys;
    search_->clear();
    open();
    list_->doItemsLayout();  // it was filled before it had its style
    list_->setCurrentRow(-1);
    list_->setCurrentRow(stationIndex(station));
}

void HelpSheet::search(const QString& words) {
    int firstFound = -1;
    for (int page = 0; page < list_->count(); ++page) {
        const bool isIn = pages_[page].contains(words, Qt::CaseInsensitive) ||
                          list_->item(page)->text().contains(words, Qt::CaseInsensitive);
        list_->item(page)->setHidden(!isIn);
        firstFound = firstFound < 0 && isIn ? page : firstFound;
    }
    if (firstFound >= 0 && list_->currentItem() != nullptr && list_->currentItem()->isHidden()) {
        list_->setCurrentRow(firstFound);
    }
}

void HelpSheet::show(int page) {
    if (page < 0) {
        return;
    }
    QString text = pages_[page];
    if (stationKinds()[std::size_t(page)].id == station_ && !keys_.empty()) {
        text += QStringLiteral("\n## %1\n\n").arg(tr("Keys here"));
        for (const auto& hint : keys_) {
            text += QStringLiteral("- **%1** %2\n").arg(hint.key.toHtmlEscaped(), hint.action.toHtmlEscaped());
        }
    }
    text += QStringLiteral("\n## %1\n\n").arg(tr("Keys everywhere"));
    const std::pair<QString, QString> everywhere[] = {{tr("Ctrl+Enter"), tr("the next step")},
                                                      {tr("Ctrl+Z"), tr("undo")},
                                                      {tr("Ctrl+1 … 9, Ctrl+0"), tr("a station")},
                                                      {tr("Ctrl+B"), tr("bench maths")},
                                                      {tr("Ctrl+H"), tr("all jobs")},
                                                      {tr("F9"), tr("lamp off, daylight")}};
    for (const auto& [key, action] : everywhere) {
        text += QStringLiteral("- **%1** %2\n").arg(key, action);
    }
    write(text);
}

/// With room between its paragraphs.
void HelpSheet::write(const QString& markdown) {
    text_->setMarkdown(markdown);
    text_->document()->setDocumentMargin(theme::px(18));
    for (auto block = text_->document()->begin(); block.isValid(); block = block.next()) {
        QTextCursor cursor(block);
        auto format = block.blockFormat();
        format.setBottomMargin(theme::px(block.textList() == nullptr ? 8 : 2));
        format.setTopMargin(theme::px(format.headingLevel() > 1 ? 10 : 0));
        cursor.setBlockFormat(format);
    }
}

QString aboutText() {
    QFile notices(QStringLiteral(":/manual/THIRD-PARTY.md"));
    const QString shipped = notices.open(QIODevice::ReadOnly) ? QString::fromUtf8(notices.readAll()) : QString();
    return HelpSheet::tr(
               "# Dim Glow %1\n\nA job sheet that thinks, for people who repair display backlights.\n\n"
               "Licence: GPL-3.0-or-later. It comes without any warranty; work on live parts is for trained "
               "people, by local codes.\n\nWhat went wrong is noted in %2.\n\n")
               .arg(QCoreApplication::applicationVersion(), QString::fromStdString(diary::defaultPlace().string())) +
           shipped;
}

}  // namespace dimglow::app
