#pragma once

#include <QCheckBox>
#include <QLineEdit>
#include <QStackedWidget>
#include <QTextDocument>
#include <QTextEdit>
#include <memory>

#include "app/stations/station.h"
#include "app/stations/text_box.h"

namespace dimglow::app {

/// What goes out: the owner's page, before the repair a quote, the bench record; as PDF, and the job as JSON.
class HandBackStation : public Station {
    Q_OBJECT
public:
    explicit HandBackStation(JobSession& session);
    ~HandBackStation() override;

    void enter() override;
    std::vector<KeyHint> keys() const override;
    static bool isDone(const Snapshot& shown);

protected:
    void showJob() override;

private:
    enum class Sheet { Owner, Quote, Bench };
    void addSheets();
    void addHead(QVBoxLayout& rows, const QString& name, const char* id, std::string job::Bench::*slot);
    void addFoot();
    void choose(Sheet sheet);
    QStringList stillOpen() const;
    void handBack();
    QByteArray pdf() const;
    /// Asks for a printer, and prints the sheet that is shown.
    void print();
    void save(const QString& wanted);
    QString saveJob(const QString& path);

    Sheet sheet_ = Sheet::Owner;
    std::vector<QPushButton*> buttons_;
    QStackedWidget* sheets_ = nullptr;
    QWidget* page_ = nullptr;  ///< the owner's page, or the quote
    std::vector<std::pair<QLineEdit*, std::string job::Bench::*>> heads_;
    QLabel* open_ = nullptr;  ///< what is not proven yet
    bool isAsked_ = false;    ///< whether it was to be handed back all the same
    QCheckBox* anonymous_ = nullptr;
    std::shared_ptr<const Snapshot> composed_;  ///< that the bench record is of
    QTextEdit* preview_ = nullptr;
    TextBox* work_ = nullptr;
    QLineEdit* folder_ = nullptr;
    QLabel* result_ = nullptr;
    QString replaceable_;  ///< the file that the next save may replace
    std::unique_ptr<QTextDocument> document_;
};

}  // namespace dimglow::app
