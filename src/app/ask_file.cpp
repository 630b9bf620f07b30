#include "app/ask_file.h"

#include <QFileDialog>
#include <QFileInfo>

#include "app/remembered.h"

namespace dimglow::app {

namespace {

void ask(QFileDialog* dialog, std::function<void(const QString&)> chosen) {
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    QObject::connect(dialog, &QFileDialog::fileSelected, dialog, [chosen = std::move(chosen)](const QString& path) {
        remembered::setFolderOf(path);
        chosen(path);
    });
    dialog->open();
}

}  // namespace

void askForFileToOpen(QWidget* parent, const FileWanted& wanted, std::function<void(const QString&)> chosen) {
    auto* dialog = new QFileDialog(parent, wanted.title, remembered::folder(), wanted.kind);
    dialog->setFileMode(QFileDialog::ExistingFile);
    ask(dialog, std::move(chosen));
}

void askForFileToSave(QWidget* parent, const FileWanted& wanted, const QString& suggested,
                      std::function<void(const QString&)> chosen) {
    auto* dialog = new QFileDialog(parent, wanted.title, {}, wanted.kind);
    dialog->setAcceptMode(QFileDialog::AcceptSave);
    dialog->setDefaultSuffix(QFileInfo(suggested).suffix());
    dialog->selectFile(suggested);
    ask(dialog, std::move(chosen));
}

}  // namespace dimglow::app
