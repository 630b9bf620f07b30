#pragma once

#include <QGridLayout>
#include <QLabel>
#include <functional>

#include "app/session.h"
#include "app/sheet.h"
#include "app/typed_rows.h"
#include "core/repair/matching.h"

namespace dimglow::app {

/// Old and new side by side, figure by figure, with the verdict on each: an LED, a strip, a driver module.
class FiguresSheet : public Sheet {
    Q_OBJECT
public:
    enum class What { Led, Strip, Driver, Part };
    FiguresSheet(JobSession& session, What what, QWidget* under);

    void refresh() override;

signals:
    void refused(const QString& reason);

protected:
    QWidget* first() override;

private:
    /// One figure: its fields, and how they stand in the job.
    struct Line {
        TypedField* old = nullptr;  ///< null where the set's description says it
        TypedField* offered = nullptr;
        std::function<void(job::Job&, TypedField&)> writeOld;
        std::function<void(job::Job&, TypedField&)> writeNew;
        std::function<void(const job::Job&)> show;
        std::function<QString(const QString&)> wrong = nullptr;  ///< what is wrong with words that were typed
    };
    void addLines();
    void addLed();
    void addStrip();
    void addDriver();
    void addPart();
    /// What kind of part the suspect comes down to.
    parts::PartKind partKind() const;
    /// What is printed on the old one: typed here, or else written down at the board.
    parts::Ratings oldPart() const;
    template <class Part>
    void addNumber(const sums::Asked& asked, Part job::Matching::*old, Part job::Matching::*fresh,
                   std::optional<double> Part::*member);
    /// Words that are kept by an id, as they are typed and shown in the language.
    using Choices = std::vector<std::pair<std::string, QString>>;
    template <class Part>
    void addWords(const QString& id, const QString& name, Part job::Matching::*old, Part job::Matching::*fresh,
                  std::string Part::*member, const Choices& choices = {});
    void addLine(const QString& name, Line line);
    void commit(TypedField& field, const Line& line, const std::function<void(job::Job&, TypedField&)>& write);
    void showVerdict();
    std::vector<repair::Margin> margins() const;

    JobSession& session_;
    What what_;
    QGridLayout* grid_ = nullptr;
    QVBoxLayout* verdicts_ = nullptr;
    QLabel* whole_ = nullptr;
    QLabel* words_ = nullptr;
    std::vector<Line> lines_;
};

}  // namespace dimglow::app
