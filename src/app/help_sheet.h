#pragma once

#include <QLineEdit>
#include <QListWidget>
#include <QTextBrowser>

#include "app/sheet.h"
#include "app/stations/station.h"

namespace dimglow::app {

/// The manual over whatever page is shown: the page of the station in front with its keys, and a search over all of
/// them. What `docs/manual` holds is what stands here.
class HelpSheet : public Sheet {
    Q_OBJECT
public:
    explicit HelpSheet(QWidget* under);

    /// Of the station that help is asked for at, by its id, and its keys; empty: the first page.
    void openAt(const std::string& station, const std::vector<KeyHint>& keys);

protected:
    QWidget* first() override { return search_; }

private:
    void search(const QString& words);
    void show(int page);
    void write(const QString& markdown);

    std::string station_;
    std::vector<KeyHint> keys_;
    QStringList pages_;  ///< Markdown, in the order of the stations
    QLineEdit* search_ = nullptr;
    QListWidget* list_ = nullptr;
    QTextBrowser* text_ = nullptr;
};

/// What the program is, its version, and the licences of all that is shipped with it, as Markdown.
QString aboutText();

}  // namespace dimglow::app
