#pragma once

#include "app/stations/number_field.h"
#include "app/stations/station.h"

namespace dimglow::app {

/// The repairs side by side with what they cost, and the advice; the technician chooses.
class FixPlanStation : public Station {
    Q_OBJECT
public:
    explicit FixPlanStation(JobSession& session);

    void enter() override;
    std::vector<KeyHint> keys() const override;
    static bool isDone(const Snapshot& shown);

protected:
    void showJob() override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QWidget* makeOption(const repair::Option& option, int number);
    void addHead(QVBoxLayout& rows, const repair::Option& option, bool advised);
    void addFacts(QVBoxLayout& rows, const repair::Option& option, int number);
    enum class Term { Parts, Days };
    void addTerm(QVBoxLayout& rows, const repair::Option& option, int number, Term term);
    void changeTerms(const std::string& option, const QString& label, const std::function<void(job::Terms&)>& change);
    QWidget* lastNamed(const QString& name) const;
    void choose(int index);

    QLabel* cause_ = nullptr;
    QLabel* advice_ = nullptr;
    QHBoxLayout* options_ = nullptr;
    std::vector<NumberField*> assumptions_;
    NumberField* restocking_ = nullptr;  ///< of boards that are swapped first
    NumberField* ageing_ = nullptr;
};

}  // namespace dimglow::app
