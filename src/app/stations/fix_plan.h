#pragma once

#include <QCheckBox>
#include <QGridLayout>

#include "app/figures_sheet.h"
#include "app/fix_chart.h"
#include "app/fix_rows.h"
#include "app/light_sheet.h"
#include "app/stations/current_card.h"
#include "app/stations/number_field.h"
#include "app/stations/station.h"
#include "app/universal_sheet.h"

namespace dimglow::app {

/// The repairs side by side with what they cost and risk, what turns the advice, the light and the current of what is
/// chosen, and what is to be bought; the technician chooses.
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
    void buildAdvice();
    void buildChart();
    void buildTerms();
    void buildLight();
    void buildShopping();
    void buildAssumptions();
    void showAdvice();
    void showChart();
    void showRows();
    void showTurn();
    void showCards();
    void showTerms();
    void showLight();
    void showShopping();

    QWidget* makeOption(const repair::Option& option, int number);
    void changeTerms(const QString& label, const std::function<void(job::Terms&)>& change);
    void commitTerm(QLineEdit* edit, bool isParts);
    /// The option whose terms are shown; null where there is none.
    const repair::Option* front() const;
    void moveFront(int by);
    void choose(int index);
    void nextWhose();
    void openMatch();
    void saveShopping();
    /// What is planned: the chosen option, else the one in front.
    std::string planned() const;

    QLabel* cause_ = nullptr;
    QLabel* advice_ = nullptr;
    QLabel* overrode_ = nullptr;
    QPushButton* whose_ = nullptr;
    FixChart* chart_ = nullptr;
    FixRows* rows_ = nullptr;  ///< in its place when people weigh ways rather than read a chart
    QPushButton* sideBySide_ = nullptr;
    QWidget* turned_ = nullptr;
    QVBoxLayout* turn_ = nullptr;  ///< of it
    QGridLayout* options_ = nullptr;
    QLabel* termsTitle_ = nullptr;
    QLabel* termsFacts_ = nullptr;
    QLineEdit* parts_ = nullptr;
    QLineEdit* days_ = nullptr;
    QLineEdit* source_ = nullptr;
    QCheckBox* unavailable_ = nullptr;
    QFrame* terms_ = nullptr;
    QLabel* refused_ = nullptr;
    LightPicture* light_ = nullptr;
    QLabel* lightWords_ = nullptr;
    QFrame* lightCard_ = nullptr;
    CurrentCard* current_ = nullptr;
    QVBoxLayout* shopping_ = nullptr;
    QFrame* shoppingCard_ = nullptr;
    std::vector<NumberField*> assumptions_;
    NumberField* restocking_ = nullptr;  ///< of boards that are swapped first
    NumberField* ageing_ = nullptr;
    LightSheet* lightSheet_ = nullptr;
    UniversalSheet* universal_ = nullptr;
    FiguresSheet* ledSheet_ = nullptr;
    FiguresSheet* stripSheet_ = nullptr;
    FiguresSheet* driverSheet_ = nullptr;
    FiguresSheet* partSheet_ = nullptr;
    std::string front_;    ///< option id; empty: the chosen one, the advised one or the first
    std::string lightOf_;  ///< what the small light pictures were made of, so that they are not made again
};

}  // namespace dimglow::app
