#include "app/open_logbook.h"
#include "diary/diary.h"

#include <QFileDialog>
#include <QMessageBox>
#include <QPushButton>
#include <exception>

namespace dimglow::app {

std::unique_ptr<records::Logbook> openLogbook(QString path, const AskForPlace& ask) {
    for (;;) {
        QString reason;
        try {
            return records::openLogbook(path);
        } catch (const std::exception& error) {
            diary::caught("open logbook", error);
            reason = QString::fromUtf8(error.what());
        }
        const auto other = ask(reason);
        if (!other) {
            return nullptr;
        }
        path = *other;
    }
}

std::optional<QString> askForLogbookPlace(const QString& reason) {
    QMessageBox box;
    box.setWindowTitle(QObject::tr("Dim Glow"));
    box.setText(QObject::tr("The logbook does not open."));
    const auto log = QString::fromStdString(diary::place().string());
    box.setInformativeText(log.isEmpty() ? reason : reason + QObject::tr("\n\nWhat the program noted: %1").arg(log));
    box.setTextFormat(Qt::PlainText);
    const auto* other = box.addButton(QObject::tr("Another place …"), QMessageBox::AcceptRole);
    box.addButton(QObject::tr("Quit"), QMessageBox::RejectRole);
    box.exec();
    if (box.clickedButton() != other) {
        return std::nullopt;
    }
    const QString path =
        QFileDialog::getSaveFileName(nullptr, QObject::tr("A logbook, or a place for a new one"), {},
                                     QObject::tr("Logbooks (*.sqlite)"), nullptr, QFileDialog::DontConfirmOverwrite);
    return path.isEmpty() ? std::nullopt : std::optional(path);
}

}  // namespace dimglow::app
